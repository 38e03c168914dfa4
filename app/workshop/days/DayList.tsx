import { useDraggable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import {
  appointmentName,
  type DayView,
  type Meeting,
  type PlannedSlot,
  timeOf,
  waitUntil,
} from "../../../core/days/index.ts";
import { minuteWords } from "../../../core/sewing/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { momentWords } from "../../jobs/days/momentWords.ts";
import type { NamedJob } from "./namedJob.ts";

interface DayListProps {
  readonly zone: string;
  readonly view: DayView;
  readonly named: readonly NamedJob[];
  /** Moves an appointment by a key; false for a key that moves none. */
  readonly onKey: (key: string, jobId: number, id: number) => boolean;
}

/** What is met for and what has to be sewn on one day, in the order of its hours. */
export function DayList({ zone, view, named, onKey }: DayListProps) {
  const rows = [
    ...view.meetings.map((meeting) => ({ from: meeting.from, meeting, slot: null })),
    ...view.slots.map((slot) => ({ from: slot.from, meeting: null, slot })),
  ].toSorted((a, b) => a.from - b.from);
  const jobOf = (jobId: number) => named.find((one) => one.jobId === jobId);
  if (rows.length === 0)
    return <Typography sx={{ color: "text.secondary" }}>Nothing has to be done on this day.</Typography>;
  return (
    <Paper component="ol" aria-label="The day" sx={{ listStyle: "none", p: 0, m: 0, alignSelf: "start" }}>
      {rows.map(({ meeting, slot }) =>
        meeting ? (
          <Met
            key={`m${meeting.jobId}/${meeting.appointment.id}`}
            meeting={meeting}
            zone={zone}
            job={jobOf(meeting.jobId)}
            onKey={onKey}
          />
        ) : slot ? (
          <Sewn key={`s${slot.jobId}/${slot.work}/${slot.from}`} slot={slot} zone={zone} job={jobOf(slot.jobId)} />
        ) : null,
      )}
    </Paper>
  );
}

function Line({ times, children, tone }: { times: string; children: ReactNode; tone: "met" | "sewn" | "blocked" }) {
  return (
    <Box
      component="li"
      sx={{
        display: "grid",
        gridTemplateColumns: "112px minmax(0, 1fr)",
        gap: 1.5,
        px: 2,
        py: 1,
        borderBottom: 1,
        borderColor: "divider",
        borderLeft: "5px solid",
        borderLeftColor: tone === "met" ? "primary.main" : tone === "blocked" ? "warning.main" : "transparent",
      }}
    >
      <Box sx={{ fontVariantNumeric: "tabular-nums", color: "text.secondary" }}>{times}</Box>
      <Box sx={{ minWidth: 0 }}>{children}</Box>
    </Box>
  );
}

const JobLink = ({ job, jobId }: { job: NamedJob | undefined; jobId: number }) => (
  <>
    <TextLink to={`/jobs/${jobId}/sewing`}>{job?.name ?? `Job ${jobId}`}</TextLink>
    {job ? `, ${job.wearerName}` : ""}
  </>
);

function Met({
  meeting: { jobId, appointment, from, to },
  zone,
  job,
  onKey,
}: { meeting: Meeting; zone: string; job: NamedJob | undefined } & Pick<DayListProps, "onKey">) {
  const { setNodeRef, listeners, transform } = useDraggable({ id: `${jobId}/${appointment.id}` });
  const kind = appointmentName(appointment.kind);
  return (
    <Line times={`${timeOf(from, zone)}–${timeOf(to, zone)}`} tone="met">
      <Button
        ref={setNodeRef}
        {...listeners}
        onKeyDown={(event) => {
          if (onKey(event.key, jobId, appointment.id)) event.preventDefault();
        }}
        size="small"
        variant="outlined"
        aria-label={`${kind}, ${job?.name ?? ""}: arrow keys move it by a day or a week`}
        sx={{
          cursor: "grab",
          touchAction: "none",
          mr: 1,
          transform: transform ? `translate3d(${transform.x}px, ${transform.y}px, 0)` : undefined,
          position: "relative",
          zIndex: transform ? 2 : undefined,
          bgcolor: "background.paper",
        }}
      >
        {kind}
      </Button>
      <JobLink job={job} jobId={jobId} />
      {appointment.note ? <Box sx={{ color: "text.secondary", fontSize: "0.92rem" }}>{appointment.note}</Box> : null}
    </Line>
  );
}

function Sewn({ slot, zone, job }: { slot: PlannedSlot; zone: string; job: NamedJob | undefined }) {
  const { jobId, name, from, to, blockedBy } = slot;
  return (
    <Line times={`${timeOf(from, zone)}–${timeOf(to, zone)}`} tone={blockedBy ? "blocked" : "sewn"}>
      <strong>{name}</strong>
      {`, ${minuteWords(to - from)}. `}
      <JobLink job={job} jobId={jobId} />
      {blockedBy ? (
        <Box sx={{ color: "warning.main", fontWeight: 600 }}>
          {`Not before ${momentWords(waitUntil(blockedBy.wait), zone)}: ${blockedBy.kind.name.toLowerCase()}${blockedBy.wait.what ? ` (${blockedBy.wait.what})` : ""}.`}
        </Box>
      ) : null}
    </Line>
  );
}
