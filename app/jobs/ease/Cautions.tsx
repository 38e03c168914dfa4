import Alert from "@mui/material/Alert";
import { bandWords, farFromBody, type LimitBroken, pressureBandOf, ZONE_NAMES } from "../../../core/ease/index.ts";
import { percent } from "../../frame/units/percent.ts";
import { pressureBoth } from "../../frame/units/pull.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

interface CautionsProps {
  readonly broken: readonly LimitBroken[];
  readonly cautions: readonly string[];
  readonly wearer: { readonly isForm: boolean; readonly isChild: boolean; readonly allergies: string };
}

/** What to be careful about with this plan: limits it leaves, the style's own cautions, the wearer. */
export function Cautions({ broken, cautions, wearer }: CautionsProps) {
  const lengths = useLengths();
  return (
    <>
      {broken.map((one) => (
        <Alert key={"zone" in one ? `${one.limit} ${one.zone}` : one.limit} severity="warning" sx={{ mb: 1.5 }}>
          {brokenWords(one, lengths.length)}
        </Alert>
      ))}
      {wearer.isChild ? (
        <Alert severity="warning" sx={{ mb: 1.5 }}>
          The wearer is a child: keep every zone easy, leave out cords and ties at the neck, and follow the local code
          for children’s clothes.
        </Alert>
      ) : null}
      {wearer.allergies ? (
        <Alert severity="warning" sx={{ mb: 1.5 }}>
          Allergies: {wearer.allergies}. Look at elastics, hooks, rings and dyes before choosing them.
        </Alert>
      ) : null}
      {wearer.isForm ? (
        <Alert severity="info" icon={false} sx={{ mb: 1.5 }}>
          Planned on a dress form: it does not breathe and does not squash. Try the garment on a body before trusting
          it.
        </Alert>
      ) : null}
      {cautions.map((caution) => (
        <Alert key={caution} severity="info" icon={false} sx={{ mb: 1.5 }}>
          {caution}
        </Alert>
      ))}
    </>
  );
}

function brokenWords(broken: LimitBroken, written: (mm: number) => string): string {
  switch (broken.limit) {
    case "leastStretch":
      return `This style wants a cloth that stretches at least ${percent(broken.asked)} round the body; this one gives ${percent(broken.is)}. The schools give room instead of taking it, and pulling on may fail.`;
    case "leastStretchAlong":
      return `This style wants a cloth that stretches at least ${percent(broken.asked)} along the body; this one gives ${percent(broken.is)}. It will pull at the shoulders and the crotch when its wearer bends.`;
    case "mostStretch":
      return `This style wants a cloth that holds, under ${percent(broken.asked)} stretch; this one gives ${percent(broken.is)}. The body would not be held.`;
    case "farFromBody":
      return `${ZONE_NAMES[broken.zone]}: ${farFromBody(broken.is, broken.asked, written) ?? ""}`;
    case "mostShare":
      return `${ZONE_NAMES[broken.zone]}: ${percent(broken.is)} of the stretch is in use; this style allows ${percent(broken.asked)}. Near its limit cloth tires, and turns thin and sheer.`;
    case "mostPressureKpa": {
      const { word, care } = bandWords(pressureBandOf(broken.is, broken.zone));
      return `${ZONE_NAMES[broken.zone]} presses with ${pressureBoth(broken.is)}, ${word}; this style allows ${broken.asked} kPa. ${care}`;
    }
  }
}
