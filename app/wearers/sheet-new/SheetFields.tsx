import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { type KeyboardEvent, useContext, useMemo, useRef, useState } from "react";
import {
  CATALOGUE,
  type CheckFinding,
  checkSheet,
  GROUP_NAMES,
  type MeasureCode,
  type MeasureGroup,
  measuredValue,
  measureOf,
  nameOf,
  placesOf,
  type Sheet,
  type SheetPlace,
} from "../../../core/body/index.ts";
import { TapeFigures } from "../../figure/TapeFigure.tsx";
import { FormState } from "../../form/FormState.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { answerField, answersIn } from "../answerFields.ts";
import { CheckList } from "../CheckList.tsx";
import { measureField, placeField, readMeasures } from "../measureFields.ts";
import { HowTo } from "./HowTo.tsx";
import { MeasureInput } from "./MeasureInput.tsx";
import { SheetHead } from "./SheetHead.tsx";

interface SheetFieldsProps {
  /** What a job needs; null where it is for no job. */
  readonly needed: readonly MeasureCode[] | null;
  /** The wearer's last sheet, shown beside each field and held against it; null for the first. */
  readonly earlier: Pick<Sheet, "takenOn" | "values"> | null;
  /** A child is asked about by the sizes of children. */
  readonly isChild: boolean;
  /** Nothing but what is needed is asked for. */
  readonly only?: boolean;
}

/**
 * The fields of a sheet in measuring order, with the tape on the figure and the checks as they are typed. What a job
 * needs stands first; all other measures are folded away by group.
 */
export function SheetFields({ needed, earlier, isChild, only = false }: SheetFieldsProps) {
  const { values: start, errors } = useContext(FormState);
  const [texts, setTexts] = useState<Record<string, string>>(() => ({ ...start }));
  const [unit, setUnit] = useState<"cm" | "in">(start.unit === "in" ? "in" : "cm");
  const [selfMeasured, setSelfMeasured] = useState(start.selfMeasured === "yes");
  const [lit, setLit] = useState<SheetPlace | null>(null);
  const read = readMeasures(texts, unit);
  const findings = checkSheet({ values: read.values, unit, selfMeasured, earlier: earlier?.values, isChild });
  const put = (name: string, text: string) => setTexts((before) => ({ ...before, [name]: text }));
  const seen = useRef(new Map<string, CheckFinding>());
  // What asked for a second look when the field was left before, and asks no more, was corrected.
  const leave = ({ code, side }: SheetPlace) => {
    const here = (finding: CheckFinding) => finding.code === code && finding.side === side;
    const now = new Map(findings.filter(here).map((finding) => [answerField(finding), finding]));
    for (const [name, finding] of seen.current) {
      if (!here(finding) || now.has(name)) continue;
      seen.current.delete(name);
      if (!texts[name]) put(name, "corrected");
    }
    for (const [name, finding] of now) seen.current.set(name, finding);
  };
  const groups = useMemo(() => groupsOf(needed), [needed]);
  const input = (place: SheetPlace) => (
    <MeasureInput
      key={placeField(place.code, place.side)}
      place={place}
      unit={unit}
      texts={texts}
      needed={!only && (needed?.includes(place.code) ?? false)}
      earlier={earlier ? (measuredValue(earlier.values, place.code, place.side) ?? null) : null}
      errorOf={(name) => (start[name] === texts[name] ? errors[name] : undefined)}
      findings={findings.filter((finding) => finding.code === place.code && finding.side === place.side)}
      onText={put}
      onFocus={() => setLit(place)}
      onLeave={() => leave(place)}
    />
  );
  const isUsed = ({ code, side }: SheetPlace) =>
    Object.keys(texts).some((name) => name.startsWith(`${placeField(code, side)}.`) && texts[name] !== "");
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: {
          xs: "minmax(0, 1fr)",
          sm: "minmax(0, 1fr) 250px",
          md: "minmax(330px, 1.1fr) minmax(300px, 0.9fr)",
        },
        gap: { xs: 2.5, md: 4 },
      }}
    >
      <Box>
        <SheetHead onUnit={setUnit} onSelfMeasured={setSelfMeasured} alone={only} />
        <Box onKeyDown={goOnWithEnter}>
          {needed ? placesOf(needed).map(input) : null}
          {needed && !only ? (
            <Button type="submit" variant="outlined" sx={{ mt: 1 }}>
              Save with these
            </Button>
          ) : null}
          {needed && !only ? (
            <Typography variant="h3" sx={{ mt: 3, mb: 1 }}>
              Everything else, if you like
            </Typography>
          ) : null}
          {(only ? [] : groups).map(({ group, places }) => (
            <Box
              key={group}
              component="details"
              open={places.some(isUsed) || (!needed && group === "girths")}
              sx={foldStyle}
            >
              <summary>
                {GROUP_NAMES[group]}{" "}
                <Box component="span" sx={{ color: "text.secondary", fontWeight: 400 }}>
                  ({places.length})
                </Box>
              </summary>
              {places.map(input)}
            </Box>
          ))}
        </Box>
        <TextInput
          name="consent"
          label="Consent"
          hint={
            only
              ? "What you agree to: that these measures are kept for your garment, say. In your words."
              : "What the wearer agreed to: the measures taken, the notes kept. In their words."
          }
        />
        <TextInput name="notes" label="Notes" lines={2} hint="Anything unusual." />
        {answersIn(texts).map((answer) => (
          <input key={answerField(answer)} type="hidden" name={answerField(answer)} value={answer.word} />
        ))}
      </Box>
      <Box sx={{ position: { sm: "sticky" }, top: 12, alignSelf: "start", order: { xs: -1, sm: 0 } }}>
        <TapeFigures lit={lit ? { ...lit, name: nameOf(lit.code, lit.side) } : null} />
        <HowTo place={lit} alone={only} />
        <CheckList
          findings={findings}
          answers={answersIn(texts)}
          unit={unit}
          onAnswer={(finding, word) => put(answerField(finding), word ?? "")}
          onRepair={(finding, repair, text) => {
            put(measureField(repair.code, repair.side), text);
            if (repair.swapsWith)
              put(measureField(repair.swapsWith.code, repair.swapsWith.side), repair.swapsWith.text);
            put(answerField(finding), "repaired");
          }}
        />
      </Box>
    </Box>
  );
}

function groupsOf(needed: readonly MeasureCode[] | null): { group: MeasureGroup; places: SheetPlace[] }[] {
  const others = placesOf(CATALOGUE.map(({ code }) => code).filter((code) => !needed?.includes(code)));
  return (Object.keys(GROUP_NAMES) as MeasureGroup[])
    .map((group) => ({ group, places: others.filter(({ code }) => measureOf(code).group === group) }))
    .filter(({ places }) => places.length > 0);
}

/** Enter goes on to the next measure instead of saving a sheet that is half-filled. */
function goOnWithEnter(event: KeyboardEvent<HTMLElement>): void {
  if (event.key !== "Enter" || !(event.target instanceof HTMLInputElement)) return;
  event.preventDefault();
  const all = event.currentTarget.querySelectorAll<HTMLInputElement>("input[data-measure]");
  const fields = [...all].filter((field) => field.checkVisibility());
  const next = fields[fields.indexOf(event.target) + 1];
  if (next) next.focus();
  else event.target.form?.querySelector<HTMLElement>("button[type=submit]")?.focus();
}

const foldStyle = {
  borderTop: 1,
  borderColor: "divider",
  "& > summary": { cursor: "pointer", fontWeight: 650, py: 1.25 },
} as const;
