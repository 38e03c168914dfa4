import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { redirect, useSearchParams } from "react-router";
import {
  answeringSchools,
  explainEase,
  girthBy,
  isBoned,
  isComplete,
  isZone,
  ZONE_NAMES,
} from "../../../core/ease/index.ts";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { easeSources, planOfPage, withEverySchool } from "../../.server/read/jobPlan.ts";
import { StretchLegend } from "../../figure/stretch/StretchMark.tsx";
import { readFields } from "../../form/fields.server.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { SideBySide } from "../../frame/SideBySide.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { MissingList } from "../MissingList.tsx";
import type { Route } from "./+types/route.ts";
import { Cautions } from "./Cautions.tsx";
import { columnsOf } from "./columns.ts";
import { changeEase } from "./easeActions.server.ts";
import { LengthTable } from "./LengthTable.tsx";
import { PlanProfile } from "./PlanProfile.tsx";
import { type ExplainPlan, PlanTable } from "./PlanTable.tsx";
import { PressureLegend } from "./PressureMark.tsx";
import { PullOnSection } from "./PullOnSection.tsx";
import { SchoolChoice } from "./SchoolChoice.tsx";
import { WhatIf } from "./WhatIf.tsx";
import { ZoneDetail } from "./ZoneDetail.tsx";
import { ZonePicture } from "./ZonePicture.tsx";

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const read = await withEverySchool(storeOf(context), await planOfPage(context, params.jobId));
  const { job, style, wearer, planned, settings, likedGarments } = read;
  // Of a boned garment the reduction decides every girth.
  if (isBoned(style)) throw redirect(`/jobs/${job.id}/corset`);
  const sources = easeSources(read);
  const found = planned.planned;
  return {
    job,
    wearer: { id: wearer.id, isForm: wearer.kind === "form", isChild: wearer.child, allergies: wearer.allergies },
    style: { schools: style.schools, cautions: style.cautions },
    missing: planned.missing,
    freedom: settings.drawInFreedom,
    liked: likedGarments.map(({ garment }) => ({ name: garment.name, lengthsMm: garment.lengthsMm })),
    elastics: await storeOf(context).cloths.elastics(),
    ease:
      found && sources
        ? {
            plan: found.plan,
            sources,
            wear: found.stretch.wear,
            edgeUntested: job.edgeElasticId !== null && found.edgeUsable === null,
            cloth: { id: found.layers[0]?.cloth.id ?? 0, name: found.layers[0]?.cloth.name ?? "" },
            untestedAlong: found.stretch.untestedAlong,
            onBias: found.layers[0]?.direction === "bias",
            withoutCurve: found.layers
              .filter(({ result }) => !result?.ladder)
              .map(({ cloth }) => ({ id: cloth.id, name: cloth.name })),
          }
        : null,
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  return storeOf(context).inTransaction((repositories) => changeEase(fields, jobId, repositories));
});

export default function JobEase({ loaderData, actionData }: Route.ComponentProps) {
  const { job, wearer, style, missing, ease } = loaderData;
  return (
    <>
      <PageHead
        title="Ease plan"
        below="How much smaller than the body, zone by zone. Each school answers; you choose, for the job or for one zone. Tap a number to see where it comes from."
        actions={
          job.school && missing.length === 0 && ease && isComplete(ease.plan) ? (
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
        sheetId={job.sheetId}
      />
      {ease && ease.plan.zones.length > 0 ? (
        <>
          <Cautions broken={ease.plan.broken} cautions={style.cautions} wearer={wearer} />
          <SchoolChoice job={job} plan={ease.plan} schools={style.schools} />
          <Plan loaderData={loaderData} ease={ease} />
        </>
      ) : null}
    </>
  );
}

type LoaderData = Route.ComponentProps["loaderData"];

function Plan({ loaderData, ease }: { loaderData: LoaderData; ease: NonNullable<LoaderData["ease"]> }) {
  const { job, style, wearer, liked, freedom, elastics } = loaderData;
  const { plan, sources } = ease;
  const [query] = useSearchParams();
  const wanted = query.get("zone") ?? "";
  const shown = plan.zones.find(({ zone }) => isZone(wanted) && zone === wanted) ?? plan.zones[0];
  if (!shown) return null;
  const columns = columnsOf(style.schools, plan.zones);
  const explain: ExplainPlan = (number, zone, school) => explainEase({ number, zone, school }, plan, sources);
  const chosen = plan.zones.flatMap(({ zone, chosen: girth }) => (girth ? [{ zone, ...girth.consequences }] : []));
  const startMm =
    shown.chosen?.consequences.garmentMm ??
    girthBy(answeringSchools(shown)[0] ?? "fixed", shown)?.garmentMm ??
    shown.body.snugMm;
  return (
    <>
      <PlanTable zones={plan.zones} columns={columns} choice={job} shown={shown.zone} explain={explain} />
      {plan.missing.map(({ zone, problem }) => (
        <Typography key={zone} sx={{ mb: 1, color: "warning.main" }}>
          {ZONE_NAMES[zone]} is not planned{problem ? `. ${problem}` : ": its measure is missing."}
        </Typography>
      ))}
      {plan.zones
        .filter(({ chosen: girth }) => job.school && !girth)
        .map(({ zone }) => (
          <Typography key={zone} sx={{ mb: 1, color: "warning.main" }}>
            {ZONE_NAMES[zone]}: the chosen school has no answer here. Use another at this zone.
          </Typography>
        ))}
      {chosen.length > 0 ? (
        <Paper sx={{ p: 1.5, mb: 3 }}>
          <PlanProfile zones={chosen} label="The chosen plan down the figure: share of stretch and pressure" />
          <Box sx={{ mt: 1, display: "grid", gap: 0.5 }}>
            <StretchLegend />
            <PressureLegend />
          </Box>
        </Paper>
      ) : null}
      <ZoneDetail plan={shown} columns={columns} choice={job} version={job.version} explain={explain} />
      <Box sx={{ mt: 2 }}>
        <SideBySide>
          <ZonePicture
            plan={shown}
            columns={columns}
            choice={job}
            wear={ease.wear}
            usable={sources.usable}
            withoutCurve={ease.withoutCurve}
          />
          <WhatIf
            key={`${shown.zone} ${startMm}`}
            zone={{ zone: shown.zone, bodyMm: shown.body.snugMm, usable: sources.usable, wear: ease.wear }}
            startMm={startMm}
            version={job.version}
          />
        </SideBySide>
      </Box>
      <PullOnSection
        job={job}
        plan={plan}
        elastics={elastics}
        elasticUntested={ease.edgeUntested}
        onBias={ease.onBias}
        explain={explain}
      />
      <LengthTable
        lengths={plan.lengths}
        schools={style.schools}
        chosen={job.school}
        sources={sources}
        freedom={freedom}
        liked={liked}
        cloth={ease.cloth}
        untestedAlong={ease.untestedAlong}
      />
      <Typography color="text.secondary" sx={{ mt: 3, fontSize: "0.9rem" }}>
        Body girths are taken snug. Numbers by {sources.settings} (<TextLink to="/settings/ease">see them</TextLink>);
        the cloth by its {sources.test}; * beyond the test. Garments that fit:{" "}
        <TextLink to={`/wearers/${wearer.id}/garments`}>
          {liked.length > 0 ? `${liked.length} measured` : "none yet"}
        </TextLink>
        . Pressures are cautions, not medicine. <TextLink to="/care">Where tight garments can hurt</TextLink>
      </Typography>
    </>
  );
}
