import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { data, redirect } from "react-router";
import { explainEase } from "../../../core/ease/explain/explainEase.ts";
import { isSchoolId } from "../../../core/ease/schools/index.ts";
import { styleOf } from "../../../core/ease/styles/index.ts";
import { ZONE_NAMES } from "../../../core/ease/zones.ts";
import { MissingList } from "../../components/job/MissingList.tsx";
import { LinkButton } from "../../components/LinkButton.tsx";
import { PageHead } from "../../components/PageHead.tsx";
import { StretchLegend } from "../../components/stretch/StretchMark.tsx";
import { TextLink } from "../../components/TextLink.tsx";
import { percent } from "../../components/units/percent.ts";
import { readFields } from "../../forms/fields.server.ts";
import { found, idFrom, storeOf } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
import { easeSources, jobOfPage } from "../../server/jobContext.ts";
import type { Route } from "./+types/route.ts";
import { PlanFigure } from "./PlanFigure.tsx";
import { SchoolChoice } from "./SchoolChoice.tsx";
import { ZoneTable } from "./ZoneTable.tsx";

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const read = await jobOfPage(context, params.jobId);
  const { job, wearer, planned } = read;
  const sources = easeSources(read);
  return {
    job,
    wearer: { id: wearer.id, isForm: wearer.kind === "form", isChild: wearer.child },
    leastStretch: styleOf(job.styleId).leastStretch,
    missing: planned.missing,
    ease: planned.planned && sources ? { plan: planned.planned.plan, sources } : null,
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const { school = "", version } = await readFields(request);
  if (!isSchoolId(school)) return data({ stale: false, error: "Expected one of the schools shown." }, { status: 400 });
  const outcome = await storeOf(context).inTransaction(async ({ jobs }) => {
    const job = found(await jobs.find(jobId), "job");
    return jobs.save({ ...job, school, version: Number(version) });
  });
  return outcome.saved ? redirect(`/jobs/${jobId}/ease`) : data({ stale: true, error: null }, { status: 409 });
});

export default function JobEase({ loaderData, actionData }: Route.ComponentProps) {
  const { job, wearer, leastStretch, missing, ease } = loaderData;
  return (
    <>
      <PageHead
        title="Ease plan"
        below="How much smaller than the body, zone by zone. Three schools answer; you choose. Tap a number to see where it comes from."
        actions={
          job.school && missing.length === 0 ? (
            <LinkButton to={`/jobs/${job.id}/prototypes`} variant="contained">
              To the prototypes
            </LinkButton>
          ) : null
        }
      />
      {actionData ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          {actionData.stale
            ? "Somebody changed this job meanwhile. It is shown here as it is now; choose again."
            : actionData.error}
        </Alert>
      ) : null}
      <MissingList
        missing={missing.filter(({ what }) => what !== "school")}
        jobId={job.id}
        wearerId={wearer.id}
        clothId={job.clothId}
        sheetId={job.sheetId}
      />
      {ease && ease.plan.zones.length > 0 ? (
        <>
          <Cautions
            belowLeast={ease.plan.belowLeastStretch}
            usable={ease.sources.usable}
            leastStretch={leastStretch}
            isForm={wearer.isForm}
            isChild={wearer.isChild}
          />
          <Box
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "1fr", md: "minmax(0, 1fr) 190px" },
              gap: 3,
              alignItems: "center",
              mb: 3,
            }}
          >
            <SchoolChoice job={job} plan={ease.plan} />
            <PlanFigure plan={ease.plan} school={job.school} />
          </Box>
          <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", lg: "1fr 1fr" }, gap: 2.5 }}>
            {ease.plan.zones.map((zonePlan) => (
              <ZoneTable
                key={zonePlan.zone}
                zonePlan={zonePlan}
                pullOn={ease.plan.pullOn}
                chosen={job.school}
                explain={(number, school) =>
                  explainEase({ number, zone: zonePlan.zone, school }, ease.plan, ease.sources)
                }
              />
            ))}
          </Box>
          {ease.plan.missing.map(({ zone, problem }) => (
            <Typography key={zone} sx={{ mt: 2, color: "warning.main" }}>
              {ZONE_NAMES[zone]} is not planned{problem ? `. ${problem}` : ": its measure is missing."}
            </Typography>
          ))}
          <Box sx={{ mt: 3 }}>
            <StretchLegend />
          </Box>
          <Typography color="text.secondary" sx={{ mt: 1.5, fontSize: "0.9rem" }}>
            Body girths are taken snug. Numbers by {ease.sources.settings}; the cloth by its {ease.sources.test}.{" "}
            <TextLink to="/care">Where tight garments can hurt</TextLink>
          </Typography>
        </>
      ) : null}
    </>
  );
}

function Cautions({
  belowLeast,
  usable,
  leastStretch,
  isForm,
  isChild,
}: {
  belowLeast: boolean;
  usable: number;
  leastStretch: number;
  isForm: boolean;
  isChild: boolean;
}) {
  return (
    <>
      {belowLeast ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          This style wants a cloth that stretches at least {percent(leastStretch)} round the body; this one gives{" "}
          {percent(usable)}. The schools give room instead of taking it, and pulling on may fail.
        </Alert>
      ) : null}
      {isChild ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          The wearer is a child: keep every zone easy, leave out cords and ties at the neck, and follow the local code
          for children's clothes.
        </Alert>
      ) : null}
      {isForm ? (
        <Alert severity="info" icon={false} sx={{ mb: 2 }}>
          Planned on a dress form: it does not breathe and does not squash. Try the garment on a body before trusting
          it.
        </Alert>
      ) : null}
    </>
  );
}
