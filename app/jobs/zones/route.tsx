import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form, redirect } from "react-router";
import {
  calibrationOf,
  decidedChanges,
  explainCalibration,
  LEAST_READINGS,
  lengthsStepOn,
  ringKey,
  zoneCourses,
} from "../../../core/fitting/index.ts";
import { startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { closurePulls } from "../../.server/read/jobChanges.ts";
import { easeSources } from "../../.server/read/jobPlan.ts";
import { lengthsToday, readJob, recordOfPage, ringsToday } from "../../.server/read/jobRecord.ts";
import { readFields } from "../../form/fields.server.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { LengthSteps } from "../prototypes/LengthSteps.tsx";
import { PrototypeNav } from "../prototypes/PrototypeNav.tsx";
import type { Route } from "./+types/route.ts";
import { CourseOfZone } from "./CourseOfZone.tsx";

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const read = await recordOfPage(context, params.jobId);
  const { job, prototypes, fittings, ownChanges } = read;
  const pulls = closurePulls(read);
  return {
    job: { id: job.id, name: job.name, version: job.version, stiffness: job.stiffness },
    prototypeCount: prototypes.length,
    courses: zoneCourses(prototypes, fittings, ringsToday(read)),
    lengths: lengthsStepOn(prototypes.at(-1) ?? null, lengthsToday(read)),
    changes: decidedChanges(fittings, ownChanges),
    sources: easeSources(read),
    pulls,
    calibration: calibrationOf(pulls),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  return storeOf(context).inTransaction(async (repositories) => {
    const read = await readJob(repositories, jobId);
    const { k, n } = calibrationOf(closurePulls(read));
    const apply = fields.intent === "apply";
    if (apply && k === null) {
      return invalid(fields, { form: `Expected ${LEAST_READINGS} closure pulls, but there are ${n}.` });
    }
    const outcome = await repositories.jobs.save({
      ...read.job,
      version: startedFrom(fields),
      stiffness: apply ? k : null,
    });
    if (outcome.saved) return redirect(`/jobs/${jobId}/zones`);
    found(outcome.theirs, "job");
    return invalid(fields, { form: "Somebody changed this job meanwhile. This is how it stands now; try again." });
  });
});

export default function JobZones({ loaderData, actionData }: Route.ComponentProps) {
  const { job, courses, lengths, sources, prototypeCount } = loaderData;
  return (
    <>
      <PageHead
        title="Zone by zone"
        below="Planned, sewn, changed and planned next, with strain, tension and pressure of each, over the prototypes."
      />
      <PrototypeNav jobId={job.id} />
      {actionData?.errors.form ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {actionData.errors.form}
        </Alert>
      ) : null}
      <CalibrationBox {...loaderData} />
      {courses.length === 0 || !sources ? (
        <EmptyState title="No plan yet">
          Once body, cloth and a school are there, each zone stands here with its course over the prototypes.{" "}
          <TextLink to={`/jobs/${job.id}/ease`}>To the ease plan</TextLink>
        </EmptyState>
      ) : (
        courses.map((course) => (
          <CourseOfZone key={ringKey(course)} course={course} prototypeCount={prototypeCount} sources={sources} />
        ))
      )}
      <LengthSteps
        label="Lengths, planned next"
        steps={lengths}
        changes={loaderData.changes}
        source="the plan from body and cloth"
        beforeNumber={prototypeCount === 0 ? null : prototypeCount}
      />
    </>
  );
}

function CalibrationBox({ job, pulls, calibration }: Route.ComponentProps["loaderData"]) {
  const { k, n } = calibration;
  if (n === 0 && job.stiffness === null) return null;
  const percentWords = k === null ? "" : `${Math.abs(Math.round((k - 1) * 100))} % ${k < 1 ? "softer" : "stiffer"}`;
  return (
    <Box component="section" aria-label="Calibration" sx={{ bgcolor: "bench.sunken", p: 2, mb: 3 }}>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Tension read against tension predicted
      </Typography>
      {k === null ? (
        <span>
          {n} of {LEAST_READINGS} closure pulls that are needed to say how much stiffer seams and lining make it.
        </span>
      ) : (
        <span>
          Over {n} closure pulls the median is{" "}
          <Why label="Calibration" explain={() => explainCalibration(pulls, k)}>
            <strong>{k.toFixed(2)}</strong>
          </Why>{" "}
          of the prediction: seams and lining make it {percentWords} than the swatch.
        </span>
      )}
      <Form method="post">
        <input type="hidden" name="version" value={job.version} />
        <Box sx={{ mt: 1, display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
          {k !== null && (job.stiffness === null || Math.abs(job.stiffness - k) > 1e-9) ? (
            <Button type="submit" name="intent" value="apply" variant="outlined">
              Plan this layup with it
            </Button>
          ) : null}
          {job.stiffness === null ? null : (
            <>
              <span>
                Tension and pressure of this job are planned with <strong>{job.stiffness.toFixed(2)}</strong> of the
                swatch's.
              </span>
              <Button type="submit" name="intent" value="drop">
                Back to the swatch
              </Button>
            </>
          )}
        </Box>
      </Form>
    </Box>
  );
}
