import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { type FormEvent, type ReactNode, useMemo, useState } from "react";
import {
  fieldsOfWorking,
  type Reckonings,
  type WorkingFacts,
  type WorkingId,
  type Workings,
} from "../../../core/workings/index.ts";
import type { FieldErrors } from "../../../formats/validation.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { type Fields, textsOf, type Unsaved } from "../../form/unsaved.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import { decidedWords, elsewhereHints, otherwiseHere, toldOf } from "./elsewhereHints.ts";
import { LackList, type MeasuresAt } from "./LackList.tsx";
import { belongsTo, errorsInUse, readWorking, workingNames } from "./readWorking.ts";
import { useReckoning } from "./useReckoning.ts";
import { type PickOptions, WorkingFields } from "./WorkingFields.tsx";
import { workingDraft } from "./workingDraft.ts";

/** One working with what its page knows of it. */
export interface WorkingPage<Id extends WorkingId> {
  readonly id: Id;
  readonly facts: WorkingFacts[Id];
  readonly kept: { readonly working: Workings[Id]; readonly version: number };
  readonly start: Fields;
  readonly draft: Fields | null;
  /** What it comes to as it is kept, where that takes longer than a frame. */
  readonly reckoned?: Reckonings[Id];
}

/** What a working comes to, for its view. */
export interface WorkingView<Id extends WorkingId> {
  readonly working: Workings[Id];
  readonly reckoning: Reckonings[Id];
  /** False while what is shown is typed and not kept. */
  readonly kept: boolean;
  /** True while something typed cannot be read: what is shown is what came of it before. */
  readonly stale: boolean;
}

/** What is typed, and what of it, or of what stood before, could be read as a whole. */
interface Typed<Id extends WorkingId> {
  readonly from: string;
  readonly fields: Fields;
  readonly readable: Workings[Id];
}

/** What came of earlier entries, while nothing comes of later ones: drawings fade, figures lose their colour and are still read. */
export const STALE = { filter: "grayscale(1)", "& svg": { opacity: 0.45 }, "& dd": { fontStyle: "italic" } } as const;

/** What of a form cannot be read, each with the name of its field. */
const unreadWords = (id: WorkingId, errors: FieldErrors, labels: Readonly<Record<string, string>> = {}): string[] =>
  Object.entries(errors).map(([name, message]) => {
    const field = fieldsOfWorking(id).find(([own]) => belongsTo(name, own))?.[1];
    return `${labels[name] ?? field?.label ?? name}: ${message}`;
  });

const NO_OPTIONS: PickOptions = [];
const AS_DECLARED: Readonly<Record<string, string>> = {};
const AS_SHOWN: readonly string[] = [];

interface WorkingFormProps<Id extends WorkingId> {
  readonly page: WorkingPage<Id>;
  readonly at: MeasuresAt;
  readonly title: string;
  readonly intro: ReactNode;
  readonly unsaved: Unsaved | undefined;
  readonly options?: PickOptions;
  /** Fields that are of no use as things stand. */
  readonly hides?: (working: Workings[Id]) => readonly string[];
  /** Labels that say more as things stand, by field. */
  readonly labels?: (working: Workings[Id]) => Readonly<Record<string, string>>;
  /** Hints that say more for this job, by field. */
  readonly hints?: Readonly<Record<string, string>>;
  /** True where what comes of it wants the room: its fields stand in one narrow column. */
  readonly narrow?: boolean;
  /** True where the fields want the room: they stand above what comes of them. */
  readonly above?: boolean;
  readonly children: (view: WorkingView<Id>) => ReactNode;
}

/**
 * A calculation: its fields on the left, what comes of them on the right as they are typed. Nothing is kept until it is
 * said; the same functions do it on the server.
 */
export function WorkingForm<Id extends WorkingId>(props: WorkingFormProps<Id>) {
  const written = useLengths();
  const {
    page,
    at,
    title,
    intro,
    unsaved,
    options = NO_OPTIONS,
    hides,
    labels,
    hints = AS_DECLARED,
    narrow = false,
    above = false,
    children,
  } = props;
  const { id, kept, start, draft } = page;
  const unit = useFormUnit(unsaved?.fields, draft);
  const begun: Fields = { unit, ...(unsaved?.fields ?? draft ?? start) };
  const [typed, setTyped] = useState<Typed<Id> | null>(null);
  const from = JSON.stringify(begun);
  const now = typed?.from === from ? typed : null;
  const fields = now?.fields ?? begun;
  const read = readWorking(id, fields, kept.working);
  const idle = hides?.(read.working) ?? AS_SHOWN;
  const unread = unreadWords(id, errorsInUse(read.errors, idle), labels?.(read.working));
  const stale = unread.length > 0;
  // A value that cannot be read is not the usual one: what could be read last stands until it can.
  const working = stale ? (now?.readable ?? kept.working) : read.working;
  const { reckoning, waiting } = useReckoning(id, working, page.facts, {
    working: kept.working,
    reckoning: page.reckoned,
  });
  const isKept = workingNames(id, start, fields).every((name) => (fields[name] ?? "") === (start[name] ?? ""));
  // While there is no number yet, what is lacking comes first.
  const nothing = reckoning.numbers.length === 0;
  const told = toldOf(page.facts);
  const [hidden, named] = [idle.join(" "), labels?.(working) ?? AS_DECLARED];
  const decided = useMemo(() => decidedWords(told), [told]);
  const hinted = useMemo(() => ({ ...hints, ...elsewhereHints(id, told) }), [hints, id, told]);
  // What is typed changes what comes of it; the fields themselves are drawn anew only where others are wanted.
  const form = useMemo(
    () => (
      <RecordForm
        draftForm={workingDraft(at.jobId, id)}
        draft={draft}
        start={start}
        unsaved={unsaved}
        hidden={{ intent: "working", working: id, version: kept.version, unit, idle: hidden }}
        submitLabel={kept.version === 0 ? "Keep" : "Keep the change"}
        quiet
      >
        <WorkingFields
          id={id}
          unit={unit}
          hidden={hidden.split(" ")}
          labels={named}
          options={options}
          hints={hinted}
          decided={decided}
          narrow={narrow}
        />
      </RecordForm>
    ),
    [hidden, named, kept.version, at.jobId, id, draft, start, unsaved, unit, options, hinted, decided, narrow],
  );
  const listen = (event: FormEvent<HTMLElement>) => {
    const { target } = event;
    // The form itself tells of rows that came or went.
    const form = target instanceof HTMLFormElement ? target : (target as HTMLInputElement).form;
    if (!form) return;
    const next = textsOf(new FormData(form));
    const { working: as, errors } = readWorking(id, next, kept.working);
    const readable = Object.keys(errorsInUse(errors, hides?.(as) ?? AS_SHOWN)).length === 0;
    setTyped({ from, fields: next, readable: readable ? as : (now?.readable ?? working) });
  };
  return (
    <Box component="section" aria-labelledby={`working-${id}`} sx={{ mb: 5 }}>
      <Typography variant="h2" id={`working-${id}`}>
        {title}
      </Typography>
      <Typography sx={{ mb: 2, maxWidth: 760, color: "text.secondary" }}>{intro}</Typography>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: {
            xs: "minmax(0, 1fr)",
            ...(above ? {} : { lg: `minmax(0, ${narrow ? 244 : 380}px) minmax(0, 1fr)` }),
          },
          gap: narrow ? 3 : 4,
          alignItems: "start",
        }}
      >
        <Box onInput={listen}>{form}</Box>
        <Box aria-live="polite" aria-busy={waiting} sx={{ opacity: waiting ? 0.7 : 1 }}>
          {reckoning.headline ? (
            <Typography sx={{ mb: 1.25, fontWeight: 700, fontSize: "1.08rem" }}>
              {written.told(reckoning.headline)}
            </Typography>
          ) : null}
          {unread.map((words) => (
            <Alert key={words} severity="error" sx={{ mb: 1.5 }}>
              {words} What stands below is as it was before.
            </Alert>
          ))}
          {[...otherwiseHere(id, working, told), ...reckoning.warnings].map((warning) => (
            <Alert key={warning} severity="warning" sx={{ mb: 1.5 }}>
              {written.told(warning)}
            </Alert>
          ))}
          {nothing ? <LackList lacks={reckoning.lacks} at={at} /> : null}
          <Box sx={stale ? STALE : undefined} data-stale={stale || undefined}>
            {children({ working, reckoning, kept: isKept, stale })}
          </Box>
          {nothing ? null : <LackList lacks={reckoning.lacks} at={at} />}
          {reckoning.notes.map((note) => (
            <Typography key={note} sx={{ mb: 0.5, fontSize: "0.92rem", color: "text.secondary" }}>
              {written.told(note)}
            </Typography>
          ))}
          {isKept ? null : (
            <Typography sx={{ fontSize: "0.85rem", color: "warning.main", mt: 1 }}>As typed; not kept yet.</Typography>
          )}
        </Box>
      </Box>
    </Box>
  );
}
