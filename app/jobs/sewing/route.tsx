import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form, useNavigation } from "react-router";
import { minuteWords, stepsFor } from "../../../core/sewing/index.ts";
import { reckonWorking } from "../../../core/workings/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { askedPieces, keepingPieces } from "../../.server/http/piecesAsked.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { loadWorkings, readWorkings } from "../../.server/read/workingContext.ts";
import { readWorkshopDays } from "../../.server/read/workshopDays.ts";
import { PlainFields } from "../../form/FormFields.tsx";
import { readFields } from "../../form/fields.server.ts";
import { TextInput } from "../../form/TextInput.tsx";
import type { Unsaved } from "../../form/unsaved.ts";
import { CutFileButton } from "../../frame/CutFileButton.tsx";
import { CutFromNav } from "../../frame/CutFromNav.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { Sentences } from "../../frame/Sentences.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { DaysPanel } from "../days/DaysPanel.tsx";
import { changeDays, isDaysIntent } from "../days/days.server.ts";
import type { Route } from "./+types/route.ts";
import { SewingList } from "./SewingList.tsx";
import { changeSewing, keepOrder, wholeFacts } from "./sewing.server.ts";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { at, pages, read, cutFrom } = await loadWorkings({ request, params, context }, ["sewing", "days"]);
  const { kept, facts } = pages.sewing;
  const store = storeOf(context);
  const { plan, hours, now } = await readWorkshopDays(store);
  return {
    cutFrom,
    ...{ at, working: kept.working, now },
    facts: await wholeFacts(store, read, facts),
    days: pages.days.kept.working,
    zone: hours.zone,
    stands: plan.jobs.find(({ jobId }) => jobId === at.jobId) ?? null,
    draft: await store.drafts.find(draftName("appointment", at.jobId)),
  };
});

export const action = guarded(
  keepingPieces(async ({ request, params, context }: Route.ActionArgs) => {
    const jobId = idFrom(params.jobId, "job");
    const store = storeOf(context);
    const fields = await readFields(request);
    if (isDaysIntent(fields.intent)) return changeDays(fields, jobId, store);
    const { facts } = await readWorkings(
      store,
      await planOfPage(context, params.jobId),
      "picked",
      askedPieces(request),
    );
    const known = stepsFor(facts.sewing.made).map(({ id }) => id);
    return fields.intent === "order"
      ? keepOrder(fields, jobId, store, known)
      : changeSewing(fields, jobId, store, known);
  }),
);

export default function JobSewing({ loaderData, actionData }: Route.ComponentProps) {
  const { at, working, facts, days, zone, now, stands, draft } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  const { rows, leftMin, spentMin, warnings, numbers, next } = reckonWorking("sewing", working, facts);
  const left = numbers.find(({ id }) => id === "left");
  const guessed = rows.some(({ expected, doneAt, left: out }) => expected.from === "guess" && doneAt === null && !out);
  return (
    <>
      <PageHead
        title="Sewing"
        below="In the order that leaves every seam open as long as it is needed, with the points where it is tried on."
      />
      <CutFromNav cutFrom={loaderData.cutFrom} />
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 4, alignItems: "baseline", mb: 1.5 }}>
        <Typography sx={{ fontSize: "1.1rem" }}>
          {next && left ? (
            <>
              <Why label={left.name} explain={() => left.explanation}>
                {minuteWords(leftMin)}
              </Why>
              {" still to sew"}
            </>
          ) : (
            "All of it is sewn"
          )}
          {`, ${minuteWords(spentMin)} sewn so far.`}
        </Typography>
        {guessed ? (
          <Typography sx={{ color: "text.secondary" }}>
            Guesses turn into your own times once a step was timed three times.
          </Typography>
        ) : null}
      </Box>
      {working.timer && unsaved?.errors.form ? <Forgotten message={unsaved.errors.form} /> : null}
      {warnings.length > 0 ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          <Sentences label="Closed before its time" items={warnings} />
        </Alert>
      ) : null}
      <SewingList rows={rows} kept={working.order} timed={working.timer} />
      <AddStep unsaved={unsaved?.fields.intent === "add" ? unsaved : undefined} />
      <Box className="no-print" sx={{ mt: 1 }}>
        <CutFileButton to={`/jobs/${at.jobId}/sewing/csv`}>Hours, CSV</CutFileButton>
      </Box>
      <DaysPanel
        jobId={at.jobId}
        days={days}
        zone={zone}
        now={now}
        stands={stands}
        steps={rows}
        draft={draft}
        unsaved={unsaved}
      />
    </>
  );
}

/** A timer that ran on overnight is nobody's sewing. */
const Forgotten = ({ message }: { message: string }) => (
  <Alert
    severity="warning"
    sx={{ mb: 2 }}
    action={
      <Form method="post">
        <Button type="submit" name="intent" value="uncounted">
          Leave it uncounted
        </Button>
      </Form>
    }
  >
    {message}
  </Alert>
);

function AddStep({ unsaved }: { unsaved: Unsaved | undefined }) {
  const busy = useNavigation().state !== "idle";
  return (
    <PlainFields {...(unsaved ? { values: unsaved.fields, errors: unsaved.errors } : {})}>
      <Form method="post" className="no-print">
        <input type="hidden" name="intent" value="add" />
        <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "flex-start", gap: 1.5, maxWidth: 620 }}>
          <Box sx={{ flex: "1 1 260px" }}>
            <TextInput name="name" label="A step of your own" />
          </Box>
          <Button type="submit" variant="outlined" disabled={busy}>
            Add it
          </Button>
        </Box>
      </Form>
    </PlainFields>
  );
}
