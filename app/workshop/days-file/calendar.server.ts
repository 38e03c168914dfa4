import { appointmentName } from "../../../core/days/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { type CalendarEntry, calendarIcs } from "../../../formats/days/calendarIcs.ts";
import { readWorkshopDays } from "../../.server/read/workshopDays.ts";

/** The calendar of the workshop: who and what only where the workshop lets that leave the house. */
export async function workshopCalendar(repositories: Repositories): Promise<Response> {
  const { plan, hours, jobs } = await readWorkshopDays(repositories);
  const named = (words: string, jobId: number): string => {
    const job = jobs.get(jobId);
    return hours.named && job ? `${words}: ${job.name}, ${job.wearerName}` : words;
  };
  const entries = plan.meetings.map((meeting): CalendarEntry => {
    const title = named(appointmentName(meeting.appointment.kind), meeting.jobId);
    return { meeting, title, note: hours.named ? meeting.appointment.note : "" };
  });
  const days = plan.jobs.map(({ jobId, wantedOn }) => ({ jobId, day: wantedOn, title: named("Wanted", jobId) }));
  const written = calendarIcs(entries, days, hours.remindMin);
  if (!written.ok) throw new Error(written.problem.message);
  return new Response(written.value, {
    headers: {
      "Content-Type": "text/calendar; charset=utf-8",
      "Content-Disposition": 'attachment; filename="days.ics"',
      "Cache-Control": "no-store",
    },
  });
}
