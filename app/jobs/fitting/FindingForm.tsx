import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { useEffect, useRef, useState } from "react";
import type { Place } from "../../../core/figure/index.ts";
import {
  type FindingSide,
  findingKindOf,
  isFindingKindId,
  isSpotId,
  kindsAt,
  placeOf,
  type Spot,
  type SpotId,
  spotsNear,
} from "../../../core/fitting/index.ts";
import { smallUnit } from "../../../core/units/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { AmountInput } from "../../form/AmountInput.tsx";
import { CheckInput } from "../../form/CheckInput.tsx";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { ONE_SIDE } from "../../form/SideInput.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import { DetailFields } from "./DetailFields.tsx";
import { draftNames } from "./draftNames.ts";
import { type FindingStart, type Seen, seenAtFirst, startOf, tapped, viewFor } from "./findingStart.ts";
import { PhotoInput } from "./PhotoInput.tsx";
import { pickedPhoto } from "./shrinkPhoto.ts";
import { useSentForm } from "./useSentForm.ts";

interface FindingFormProps {
  readonly fittingId: number;
  readonly spots: readonly Spot[];
  readonly start: FindingStart;
  readonly draft: Fields | undefined;
  readonly unsaved: Unsaved | undefined;
  readonly onClose: () => void;
  /** Hands a new finding in; what comes back is what is wrong with it, or null. */
  readonly onSend: (fields: Fields, photo: Blob | null) => Promise<Unsaved | null>;
}

const SIDES = [...ONE_SIDE, { value: "both", label: "both sides" }] as const;

/** Spots offered after a tap; the others are one press away. */
const NEAR = 4;

/** Puts a finding on the figure: where, what is seen, how much. A tap fills in where; all of it can be said by name. */
export function FindingForm(props: FindingFormProps) {
  const { fittingId, spots, start, draft, onClose, onSend } = props;
  const { finding, place } = start;
  const sent = useSentForm(async (fields, form) => onSend(fields, await pickedPhoto(form)), onClose);
  const unsaved = sent.refused ?? props.unsaved;
  const kept = unsaved?.fields ?? start.fields ?? draft;
  const unit = useFormUnit(kept);
  const [seen, setSeen] = useState<Seen>(() => seenAtFirst(kept, finding, place, spots));
  const [all, setAll] = useState(false);
  const sheet = useRef<HTMLDivElement>(null);
  // On a small screen the form opens below the figure: bring it into view.
  useEffect(() => {
    void sheet.current?.scrollIntoView({ block: "nearest" });
  }, []);
  // A second tap moves the finding; what was typed meanwhile stays. By value, since a page read anew brings new lists.
  const at = place ? JSON.stringify(place) : "";
  const offered = useRef(spots);
  useEffect(() => {
    if (at !== "") setSeen((before) => ({ ...before, ...tapped(JSON.parse(at) as Place, offered.current) }));
  }, [at]);
  const put = (change: Partial<Seen>) => setSeen((before) => ({ ...before, ...change }));
  const near = seen.place ? spotsNear(seen.place, spots).slice(0, NEAR) : spots;
  const shown = all ? spots : near.some(({ id }) => id === seen.spot) || seen.spot === "" ? near : spots;
  const kinds = isSpotId(seen.spot) ? kindsAt(seen.spot) : [];
  const kind = isFindingKindId(seen.kind) && kinds.some(({ id }) => id === seen.kind) ? findingKindOf(seen.kind) : null;
  const pin = seen.place ?? placeOf((seen.spot || "waist") as SpotId, (seen.side || "both") as FindingSide, seen.view);
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
        draftForm={finding ? draftName("finding-edit", finding.id) : draftNames.finding(fittingId)}
        draft={draft ?? null}
        start={start.fields ?? (finding ? startOf(finding, smallUnit(unit)) : {})}
        unsaved={unsaved}
        hidden={{
          intent: "finding",
          fitting: fittingId,
          unit,
          view: pin.view,
          x: pin.x.toFixed(4),
          y: pin.y.toFixed(4),
          ...(finding ? { finding: finding.id, version: finding.version } : {}),
        }}
        submitLabel={finding ? "Save the finding" : "Put it on the record"}
        beside={<Button onClick={onClose}>Leave it</Button>}
        sending={sent.sending}
        {...(finding ? {} : { onSend: sent.onSend })}
      >
        <ChoiceInput
          name="spot"
          legend="Where"
          picked={seen.spot}
          choices={shown.map(({ id, name }) => ({ value: id, label: name.toLowerCase() }))}
          onChange={(spot) => put({ spot, ...viewFor(spot as SpotId, seen) })}
          {...(shown.length < spots.length
            ? { beside: <Button onClick={() => setAll(true)}>elsewhere …</Button> }
            : {})}
        />
        <ChoiceInput name="side" legend="Side" picked={seen.side} choices={SIDES} onChange={(side) => put({ side })} />
        {kinds.length > 0 ? (
          <ChoiceInput
            name="kind"
            legend="What is seen"
            picked={kind?.id ?? ""}
            choices={kinds.map(({ id, name }) => ({ value: id, label: name.toLowerCase() }))}
            onChange={(value) => put({ kind: value })}
          />
        ) : null}
        {kind ? (
          <Typography sx={{ mb: 1.5, color: "text.secondary" }}>
            {kind.sees} {kind.amount?.howToRead ?? ""}
          </Typography>
        ) : null}
        {kind?.amount ? (
          <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "start" }}>
            <Box sx={{ width: 330 }}>
              <AmountInput name="amount" label={kind.amount.name} unit={smallUnit(unit)} />
            </Box>
            {kind.amount.canBeFolded ? (
              <CheckInput name="folded">That is the depth of the fold: it counts twice</CheckInput>
            ) : null}
          </Box>
        ) : null}
        {kind ? <DetailFields key={kind.id} fields={kind.fields} spots={spots} unit={smallUnit(unit)} /> : null}
        <TextInput name="note" label="Note" />
        {finding ? null : <PhotoInput />}
      </RecordForm>
    </Paper>
  );
}
