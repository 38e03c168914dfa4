import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form, useNavigation } from "react-router";
import {
  APPOINTMENT_KINDS,
  appointmentName,
  type DaysWorking,
  explainShort,
  type JobStands,
  momentOf,
  WAIT_KINDS,
  waitDoubt,
  waitOf,
  waitUntil,
} from "../../../core/days/index.ts";
import { minuteWords } from "../../../core/sewing/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { PlainFields } from "../../form/FormFields.tsx";
import { PickInput } from "../../form/PickInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { momentWords } from "./momentWords.ts";

interface DaysPanelProps {
  readonly jobId: number;
  readonly days: DaysWorking;
  readonly zone: string;
  /** The moment the page was made. */
  readonly now: number;
  /** How it stands against the day it is wanted; null while it is wanted on none. */
  readonly stands: JobStands | null;
  /** Its steps of sewing, with when each was done. */
  readonly steps: Parameters<typeof waitDoubt>[1];
  readonly draft: Fields | null;
  readonly unsaved: Unsaved | undefined;
}

/** When a job is wanted, when one meets for it, and what waits. */
export function DaysPanel({ jobId, days, zone, now, stands, steps, draft, unsaved }: DaysPanelProps) {
  const of = (intent: string) => (unsaved?.fields.intent === intent ? unsaved : undefined);
  return (
    <Box component="section" aria-labelledby="when" sx={{ mt: 4 }}>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 2, mb: 1 }}>
        <Typography variant="h2" id="when">
          When
        </Typography>
        <TextLink to="/days">Days of the workshop</TextLink>
      </Box>
      <Wanted days={days} zone={zone} stands={stands} unsaved={of("wanted")} />
      <Box sx={{ display: "grid", gap: 3, gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "1fr 1fr" } }}>
        <Meetings jobId={jobId} days={days} zone={zone} now={now} draft={draft} unsaved={of("meet")} />
        <Waits days={days} zone={zone} now={now} steps={steps} unsaved={of("wait")} />
      </Box>
    </Box>
  );
}

function Wanted({ days, zone, stands, unsaved }: Pick<DaysPanelProps, "days" | "zone" | "stands" | "unsaved">) {
  const busy = useNavigation().state !== "idle";
  const start = { wantedOn: days.wantedOn ? formatDay(days.wantedOn) : "" };
  return (
    <>
      <PlainFields key={days.wantedOn ?? ""} values={unsaved?.fields ?? start} errors={unsaved?.errors ?? {}}>
        <Form method="post" preventScrollReset className="no-print">
          <input type="hidden" name="intent" value="wanted" />
          <Box sx={{ display: "flex", alignItems: "flex-start", gap: 1.5 }}>
            <Box sx={{ width: 220 }}>
              <TextInput name="wantedOn" label="Wanted on" hint="For example 12 Dec 2026; empty: no day." />
            </Box>
            <Button type="submit" variant="outlined" disabled={busy}>
              Keep the day
            </Button>
          </Box>
        </Form>
      </PlainFields>
      {stands ? <Stands stands={stands} zone={zone} /> : null}
    </>
  );
}

function Stands({ stands, zone }: { stands: JobStands; zone: string }) {
  const { wantedOn, leftMin, shortMin, beginBy } = stands;
  const left = `${minuteWords(leftMin)} are left to sew until ${formatDay(wantedOn)}`;
  if (shortMin > 0)
    return (
      <Alert severity="warning" sx={{ mb: 2 }}>
        {`${left}: `}
        <Why label="Short until it is wanted" explain={() => explainShort(stands)}>
          {minuteWords(shortMin)}
        </Why>
        {" more than there are free hours, beside what else is wanted. Move the day, or make room."}
      </Alert>
    );
  return (
    <Typography sx={{ mb: 2 }}>
      {beginBy === null
        ? "Nothing is left to sew."
        : `${left}: to be gone on with by ${momentWords(beginBy, zone)} at the latest.`}
    </Typography>
  );
}

function Meetings({
  jobId,
  days,
  zone,
  now,
  draft,
  unsaved,
}: Pick<DaysPanelProps, "jobId" | "days" | "zone" | "now" | "draft" | "unsaved">) {
  const sorted = days.appointments.toSorted((a, b) => (a.at < b.at ? -1 : 1));
  return (
    <Box>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Appointments
      </Typography>
      <TakenList
        label="Appointments"
        intent="unmeet"
        rows={sorted.map((one) => ({
          id: one.id,
          name: `${appointmentName(one.kind)}, ${momentWords(momentOf(one.at), zone)}`,
          more: [minuteWords(one.minutes), ...(one.note ? [one.note] : [])].join(", "),
          over: momentOf(one.at) + one.minutes < now,
        }))}
      />
      <Box className="no-print">
        <RecordForm
          key={days.appointments.length}
          draftForm={draftName("appointment", jobId)}
          draft={draft}
          start={{ kind: "fitting" }}
          unsaved={unsaved}
          hidden={{ intent: "meet" }}
          submitLabel="Put it down"
          quiet
        >
          <Box sx={gridStyle}>
            <PickInput
              name="kind"
              label="What for"
              first="fitting"
              choices={APPOINTMENT_KINDS.map(({ id, name }) => ({ value: id, label: name }))}
            />
            <TextInput name="day" label="Day" hint="12 Dec 2026" />
            <TextInput name="time" label="Time" hint="14:30" numeric />
            <TextInput name="minutes" label="Minutes" hint="Empty: 60." numeric />
          </Box>
          <TextInput name="note" label="Note" />
        </RecordForm>
      </Box>
    </Box>
  );
}

function Waits({
  days,
  zone,
  now,
  steps,
  unsaved,
}: Pick<DaysPanelProps, "days" | "zone" | "now" | "steps" | "unsaved">) {
  const busy = useNavigation().state !== "idle";
  return (
    <Box>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        What waits
      </Typography>
      <TakenList
        label="What waits"
        intent="unwait"
        rows={days.waits.map((wait) => ({
          id: wait.id,
          name: `${waitOf(wait.kind).name}${wait.what ? `: ${wait.what}` : ""}`,
          more:
            waitUntil(wait) > now
              ? `until ${momentWords(waitUntil(wait), zone)}. ${waitOf(wait.kind).why}`
              : `over since ${momentWords(waitUntil(wait), zone)}`,
          over: waitUntil(wait) <= now,
          asked: waitDoubt(wait, steps),
        }))}
      />
      <PlainFields key={days.waits.length} {...(unsaved ? { values: unsaved.fields, errors: unsaved.errors } : {})}>
        <Form method="post" preventScrollReset className="no-print">
          <input type="hidden" name="intent" value="wait" />
          <PickInput
            name="wait"
            label="What waits"
            first="unrolled"
            choices={WAIT_KINDS.map(({ id, name, hours }) => ({
              value: id,
              label: `${name}, ${hours < 1 ? `${hours * 60} min` : `${hours} h`}`,
            }))}
          />
          <TextInput name="what" label="Which cloth or piece" />
          <Box sx={gridStyle}>
            <TextInput name="sinceDay" label="Since, day" hint="Empty: from now on." />
            <TextInput name="sinceTime" label="Time" hint="9:15" numeric />
          </Box>
          <Button type="submit" variant="outlined" disabled={busy}>
            Let it wait
          </Button>
        </Form>
      </PlainFields>
    </Box>
  );
}

interface TakenRow {
  readonly id: number;
  readonly name: string;
  readonly more: string;
  /** It is past. */
  readonly over: boolean;
  /** What is odd about it; null or left out for nothing. */
  readonly asked?: string | null;
}

/** Rows that can be taken away, those that are over lighter. */
function TakenList({ label, intent, rows }: { label: string; intent: string; rows: readonly TakenRow[] }) {
  if (rows.length === 0) return null;
  return (
    <Box component="ul" aria-label={label} sx={{ listStyle: "none", p: 0, mt: 0, mb: 1.5 }}>
      {rows.map(({ id, name, more, over, asked = null }) => (
        <Box
          component="li"
          key={id}
          sx={{ display: "flex", alignItems: "baseline", gap: 1, py: 0.5, borderBottom: 1, borderColor: "divider" }}
        >
          <Box sx={{ flex: 1, minWidth: 0, color: over ? "text.secondary" : "text.primary" }}>
            <Box sx={{ fontWeight: over ? 400 : 650 }}>{name}</Box>
            <Box sx={{ color: "text.secondary", fontSize: "0.9rem" }}>{more}</Box>
            {asked ? <Box sx={{ color: "warning.main", fontSize: "0.9rem" }}>{asked}</Box> : null}
          </Box>
          <Form method="post" preventScrollReset className="no-print">
            <input type="hidden" name="id" value={id} />
            <Button type="submit" name="intent" value={intent} size="small" aria-label={`Take away, ${name}`}>
              Take away
            </Button>
          </Form>
        </Box>
      ))}
    </Box>
  );
}

const gridStyle = {
  display: "grid",
  columnGap: 1.5,
  alignItems: "start",
  gridTemplateColumns: "repeat(auto-fill, minmax(130px, 1fr))",
} as const;
