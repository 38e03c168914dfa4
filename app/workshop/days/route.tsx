import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { STALE_AFTER_DAYS, staleDays } from "../../../core/body/index.ts";
import { dayAfter, dayOf, dayView, explainShort, WEEKDAYS, weekdayOf } from "../../../core/days/index.ts";
import { minuteWords } from "../../../core/sewing/index.ts";
import { formatDay, parseDay } from "../../../core/units/index.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readWorkshopDays } from "../../.server/read/workshopDays.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { FileButton, LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { momentWords } from "../../jobs/days/momentWords.ts";
import type { Route } from "./+types/route.ts";
import { DayBoard } from "./DayBoard.tsx";
import type { NamedJob } from "./namedJob.ts";

export const meta = () => [{ title: "Days · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const { plan, hours, now, jobs } = await readWorkshopDays(storeOf(context));
  const today = dayOf(now, hours.zone);
  const asked = parseDay(new URL(request.url).searchParams.get("day") ?? "", "2099-12-31");
  const day = asked.ok ? asked.value : today;
  const view = dayView(plan, day, hours.zone);
  const late = plan.jobs.filter(({ shortMin }) => shortMin > 0);
  const old = [...jobs.values()].flatMap(({ jobId, measuredOn }) => {
    const days = measuredOn === null ? null : staleDays(measuredOn, today);
    return measuredOn !== null && days !== null ? [{ jobId, measuredOn, days }] : [];
  });
  const told = new Set([
    ...[...view.meetings, ...view.slots, ...late, ...old, ...plan.waiting].map(({ jobId }) => jobId),
    ...view.month.flatMap(({ wanted }) => wanted),
  ]);
  return {
    ...{ day, today, now, zone: hours.zone, view, late, old, waiting: plan.waiting, any: jobs.size > 0 },
    named: [...told].flatMap((jobId): NamedJob[] => {
      const job = jobs.get(jobId);
      return job ? [{ jobId, name: job.name, wearerName: job.wearerName }] : [];
    }),
  };
});

export default function Days({ loaderData }: Route.ComponentProps) {
  const { day, today, now, zone, view, late, old, waiting, named, any } = loaderData;
  const nameOf = (jobId: number) => named.find((one) => one.jobId === jobId)?.name ?? "";
  return (
    <>
      <PageHead
        title={`${day === today ? "Today, " : ""}${WEEKDAYS[weekdayOf(day)]} ${formatDay(day)}`}
        above={
          <Box component="nav" aria-label="Days" sx={{ display: "flex", gap: 2 }}>
            <TextLink to={`/days?day=${dayAfter(day, -1)}`}>The day before</TextLink>
            <TextLink to="/days">Today</TextLink>
            <TextLink to={`/days?day=${dayAfter(day)}`}>The day after</TextLink>
          </Box>
        }
        below="What is left of every job is filled backward from the day it is wanted: what stands here has to be done here at the latest."
        actions={
          <>
            <LinkButton to="/settings/days" variant="outlined">
              Working hours
            </LinkButton>
            <FileButton to="/days/calendar.ics">Calendar, ICS</FileButton>
            <FileButton to="/days/hours.csv">Hours, CSV</FileButton>
          </>
        }
      />
      {late.length > 0 ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          {late.map((stands) => (
            <div key={stands.jobId}>
              <TextLink to={`/jobs/${stands.jobId}/sewing`}>{nameOf(stands.jobId)}</TextLink>
              {`, wanted on ${formatDay(stands.wantedOn)}: `}
              <Why label={`${nameOf(stands.jobId)}, short`} explain={() => explainShort(stands)}>
                {minuteWords(stands.shortMin)}
              </Why>
              {` more to sew than there are free hours.${stands.next ? ` Next: ${stands.next.toLowerCase()}.` : ""}`}
            </div>
          ))}
        </Alert>
      ) : null}
      {any ? (
        <DayBoard day={day} today={today} zone={zone} view={view} named={named} />
      ) : (
        <EmptyState
          title="No days planned yet"
          action={
            <LinkButton to="/" variant="contained">
              To the bench
            </LinkButton>
          }
        >
          Say on the Sewing page of a job which day it is wanted, when one meets for it and what waits: the days fill
          from there.
        </EmptyState>
      )}
      {old.length > 0 ? (
        <Box component="section" aria-labelledby="old-measures" sx={{ mt: 3, maxWidth: 760 }}>
          <Typography variant="h2" id="old-measures" sx={{ mb: 0.5 }}>
            Measures to take again
          </Typography>
          {old.map(({ jobId, measuredOn, days }) => (
            <div key={jobId}>
              <TextLink to={`/jobs/${jobId}/body`}>{nameOf(jobId)}</TextLink>
              {`: measured on ${formatDay(measuredOn)}, ${days} days ago. A body changes: after ${STALE_AFTER_DAYS} it is measured again.`}
            </div>
          ))}
        </Box>
      ) : null}
      {waiting.length > 0 ? (
        <Box component="section" aria-labelledby="waiting" sx={{ mt: 3, maxWidth: 760 }}>
          <Typography variant="h2" id="waiting" sx={{ mb: 0.5 }}>
            What waits
          </Typography>
          <Box component="ul" sx={{ listStyle: "none", p: 0, m: 0 }}>
            {waiting.map(({ jobId, wait, kind, until }) => (
              <Box
                component="li"
                key={`${jobId}/${wait.id}`}
                sx={{ py: 0.75, borderBottom: 1, borderColor: "divider" }}
              >
                <strong>{`${kind.name}${wait.what ? `: ${wait.what}` : ""}`}</strong>
                {`, until ${momentWords(until, zone)} (${minuteWords(until - now)} to go). `}
                <TextLink to={`/jobs/${jobId}/sewing#when`}>{nameOf(jobId)}</TextLink>
                <Box sx={{ color: "text.secondary", fontSize: "0.92rem" }}>{kind.why}</Box>
              </Box>
            ))}
          </Box>
        </Box>
      ) : null}
    </>
  );
}
