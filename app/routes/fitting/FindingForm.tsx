import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { useEffect, useRef, useState } from "react";
import { ZONE_NAMES, type Zone } from "../../../core/ease/zones.ts";
import type { Place } from "../../../core/figure/geometry.ts";
import { placeOf, sideAt, zoneAt } from "../../../core/figure/places.ts";
import { FINDING_KINDS, findingKindOf, isFindingKindId } from "../../../core/fitting/findings/index.ts";
import type { FigureView, Finding, FindingSide } from "../../../core/fitting/fitting.ts";
import { CheckInput } from "../../components/forms/CheckInput.tsx";
import { ChoiceInput } from "../../components/forms/ChoiceInput.tsx";
import { RecordForm } from "../../components/forms/RecordForm.tsx";
import { TextInput } from "../../components/forms/TextInput.tsx";
import { useFormUnit } from "../../components/units/useFormUnit.ts";
import { smallUnit, withoutUnit } from "../../forms/smallLength.ts";
import type { Fields, Unsaved } from "../../forms/unsaved.ts";
import { draftNames } from "./draftNames.ts";

/** What opened the form: a tap at a place, an earlier finding to change, or neither. */
export interface FindingStart {
  readonly place: Place | null;
  readonly finding: Finding | null;
}

interface FindingFormProps {
  readonly fittingId: number;
  readonly zones: readonly Zone[];
  readonly start: FindingStart;
  readonly draft: Fields | undefined;
  readonly unsaved: Unsaved | undefined;
  /** Findings put so far; the form starts anew when one was added. */
  readonly count: number;
  readonly onClose: () => void;
}

const SIDES = [
  { value: "left", label: "wearer's left" },
  { value: "right", label: "wearer's right" },
  { value: "both", label: "both sides" },
] as const;

const VIEWS = [
  { value: "front", label: "front" },
  { value: "back", label: "back" },
] as const;

interface Seen {
  readonly zone: string;
  readonly side: string;
  readonly view: FigureView;
  readonly kind: string;
  readonly place: Place | null;
}

/** Puts a finding on the figure: where, what is seen, how much. A tap fills in where; all of it can be said by name. */
export function FindingForm({ fittingId, zones, start, draft, unsaved, count, onClose }: FindingFormProps) {
  const { finding, place } = start;
  const [countAtStart] = useState(count);
  const kept = unsaved?.fields ?? draft;
  const unit = useFormUnit(kept);
  const [seen, setSeen] = useState<Seen>(() => seenAtFirst(kept, finding, place, zones));
  const sheet = useRef<HTMLDivElement>(null);
  // On a small screen the form opens below the figure: bring it into view.
  useEffect(() => {
    void sheet.current?.scrollIntoView({ block: "nearest" });
  }, []);
  // By value: a page that is read anew brings the same zones in a new list.
  const offered = zones.join(" ");
  // A second tap moves the finding; what was typed meanwhile stays.
  useEffect(() => {
    if (place) setSeen((before) => ({ ...before, ...tapped(place, offered.split(" ") as Zone[]) }));
  }, [place, offered]);
  useEffect(() => {
    if (count > countAtStart) onClose();
  }, [count, countAtStart, onClose]);
  const put = (change: Partial<Seen>) => setSeen((before) => ({ ...before, place: null, ...change }));
  const kinds = FINDING_KINDS.filter((kind) => seen.zone === "" || kind.zones.includes(seen.zone as Zone));
  const kind = isFindingKindId(seen.kind) && kinds.some(({ id }) => id === seen.kind) ? findingKindOf(seen.kind) : null;
  const at = seen.place ?? placeOf((seen.zone || "waist") as Zone, (seen.side || "both") as FindingSide, seen.view);
  return (
    <Paper
      ref={sheet}
      component="section"
      aria-label={finding ? "Change a finding" : "New finding"}
      sx={{ p: 2, mb: 3, borderColor: "primary.main" }}
    >
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        {finding ? "Change the finding" : "New finding"}
      </Typography>
      <RecordForm
        draftForm={finding ? `finding-edit:${finding.id}` : draftNames.finding(fittingId)}
        draft={draft ?? null}
        start={
          finding
            ? {
                amount: withoutUnit(finding.amountText, smallUnit(unit)),
                folded: finding.folded ? "yes" : "",
                note: finding.note,
              }
            : {}
        }
        unsaved={unsaved}
        hidden={{
          intent: "finding",
          fitting: fittingId,
          unit,
          x: at.x.toFixed(4),
          y: at.y.toFixed(4),
          ...(finding ? { finding: finding.id, version: finding.version } : {}),
        }}
        submitLabel={finding ? "Save the finding" : "Put it on the record"}
        beside={<Button onClick={onClose}>Leave it</Button>}
      >
        <ChoiceInput
          name="zone"
          legend="Where"
          picked={seen.zone}
          choices={zones.map((value) => ({ value, label: ZONE_NAMES[value].toLowerCase() }))}
          onChange={(zone) => put({ zone })}
        />
        <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 4 }}>
          <ChoiceInput
            name="side"
            legend="Side"
            picked={seen.side}
            choices={SIDES}
            onChange={(side) => put({ side })}
          />
          <ChoiceInput
            name="view"
            legend="Seen from"
            picked={seen.view}
            choices={VIEWS}
            onChange={(view) => put({ view: view as FigureView })}
          />
        </Box>
        <ChoiceInput
          name="kind"
          legend="What is seen"
          picked={kind?.id ?? ""}
          choices={kinds.map(({ id, name }) => ({ value: id, label: name.toLowerCase() }))}
          onChange={(value) => put({ kind: value, place: seen.place })}
        />
        {kind ? (
          <Typography sx={{ mb: 1.5, color: "text.secondary" }}>
            {kind.sees} {kind.howToRead}
          </Typography>
        ) : null}
        <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "200px 1fr" }, gap: 2, alignItems: "start" }}>
          <TextInput name="amount" label={kind?.amountName ?? "Amount"} numeric suffix={smallUnit(unit)} />
          {kind?.canBeFolded ? (
            <CheckInput name="folded">That is the depth of the fold: it counts twice</CheckInput>
          ) : null}
        </Box>
        <TextInput name="note" label="Note" />
      </RecordForm>
    </Paper>
  );
}

const tapped = (place: Place, zones: readonly Zone[]) => ({
  zone: zoneAt(place, zones),
  side: sideAt(place),
  view: place.view,
  place,
});

function seenAtFirst(
  kept: Fields | undefined,
  finding: Finding | null,
  place: Place | null,
  zones: readonly Zone[],
): Seen {
  const blank: Seen = { zone: "", side: "", view: "front", kind: "", place: null };
  if (place) return { ...blank, ...tapped(place, zones) };
  if (kept)
    return {
      ...blank,
      zone: kept.zone ?? "",
      side: kept.side ?? "",
      view: kept.view === "back" ? "back" : "front",
      kind: kept.kind ?? "",
    };
  if (!finding) return blank;
  const { zone, side, view, kind, x, y } = finding;
  return { zone, side, view, kind, place: { view, x, y } };
}
