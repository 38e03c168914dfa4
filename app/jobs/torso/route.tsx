import Alert from "@mui/material/Alert";
import { data, redirect } from "react-router";
import { startedFrom } from "../../.server/http/answerEdit.ts";
import { idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { loadWorkings } from "../../.server/read/workingContext.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { NumberList } from "../calculation/NumberList.tsx";
import { saveWorking } from "../calculation/saveWorking.server.ts";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { WorkingForm } from "../calculation/WorkingForm.tsx";
import type { Route } from "./+types/route.ts";
import { Placements } from "./Placements.tsx";
import { TrunkFigure } from "./TrunkFigure.tsx";
import { readTicks } from "./ticksForm.server.ts";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { read, at, needed, pages } = await loadWorkings({ request, params, context }, ["trunk", "rise"]);
  const wraps = pages.trunk.facts.wraps.map(({ id, name }) => ({ id, name }));
  return {
    at,
    zones: read.style.zones,
    legs: read.style.measures.includes("inseam"),
    needed,
    wraps,
    ...pages,
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  const back = `/jobs/${jobId}/torso`;
  return fields.intent === "ticks"
    ? keepTicks(fields, jobId, storeOf(context), back)
    : saveWorking(fields, jobId, storeOf(context), back);
});

const TICKS_STALE =
  "The trunk was changed meanwhile, so these ticks were not kept. It is shown as it is now: tick what is changed on the pieces.";

/** Ticks are kept with the trunk; a trunk that changed meanwhile is shown as it is now, to be ticked again. */
async function keepTicks(fields: Fields, jobId: number, store: ReturnType<typeof storeOf>, back: string) {
  const read = readTicks(fields);
  if (!read.ok) return invalid(fields, { ticks: Object.values(read.errors).join(" ") });
  return store.inTransaction(async ({ workings }) => {
    const before = await workings.find(jobId, "trunk");
    const working = { ...before.working, ticked: read.value.tick };
    const outcome = await workings.save(jobId, "trunk", { ...before, working, version: startedFrom(fields) });
    return outcome.saved ? redirect(back) : data<Unsaved>({ fields, errors: { ticks: TICKS_STALE } }, { status: 409 });
  });
}

export default function JobTorso({ loaderData, actionData }: Route.ComponentProps) {
  const { at, needed, trunk, rise, wraps, zones, legs } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  if (!needed.includes("trunk") && !needed.includes("rise"))
    return (
      <EmptyState
        title="No torso to compare"
        action={<LinkButton to={`/jobs/${at.jobId}`}>Back to the job</LinkButton>}
      >
        This style neither runs from shoulder to crotch nor has a rise of its own: its lengths stand in the ease plan.
      </EmptyState>
    );
  return (
    <>
      <PageHead
        title="Torso"
        below={
          needed.includes("trunk")
            ? "Length down the body. However well the girths fit, a trunk that is too short drags straps into shoulders and seat into the body."
            : "Length down the body: how high the edge sits, and what that does to its elastic."
        }
      />
      {needed.includes("trunk") ? (
        <WorkingForm
          page={trunk}
          at={at}
          title="The trunk loop"
          intro="From the shoulder down the front, through the crotch and up the back: what the body needs, cut, against what the pattern has."
          unsaved={unsavedFor("trunk", unsaved)}
          options={wraps}
          hides={({ from }) => [
            ...(from === "wrap"
              ? ["size", "trunkLoop", "frontWaist", "crotchFront", "crotchBack", "backWaist"]
              : ["wrapId"]),
            ...(from === "chart" ? [] : ["size", "ownReduction"]),
          ]}
        >
          {({ working, reckoning, kept }) => (
            <>
              {working.from === "wrap" && wraps.length === 0 ? (
                <Alert severity="info" icon={false} sx={{ mb: 1.5 }}>
                  No body wrap of this wearer yet: <TextLink to={`/wearers/${at.wearerId}/wraps`}>enter one</TextLink>.
                </Alert>
              ) : null}
              {reckoning.trunk ? <TrunkFigure placing={reckoning.trunk.placing} garment={zones} /> : null}
              <NumberList label="Trunk" numbers={reckoning.numbers} strong={["delta"]} />
              {unsaved?.errors.ticks ? (
                <Alert severity="warning" sx={{ mb: 1.5 }}>
                  {unsaved.errors.ticks}
                </Alert>
              ) : null}
              {reckoning.trunk ? (
                <Placements
                  placements={reckoning.placements}
                  placing={reckoning.trunk.placing}
                  version={trunk.kept.version}
                  kept={kept && trunk.kept.version > 0}
                />
              ) : null}
            </>
          )}
        </WorkingForm>
      ) : null}
      <WorkingForm
        page={rise}
        at={at}
        title={needed.includes("trunk") ? "Depth and waist lines" : "Rises and top edge"}
        intro={
          needed.includes("trunk")
            ? "Type what the pattern has; each is held against the body with its own kind."
            : "A rise that changes puts the top edge at another height of the body: its girth and its elastic change with it."
        }
        unsaved={unsavedFor("rise", unsaved)}
        hides={() => [
          ...(needed.includes("trunk")
            ? ["dropFrontMm", "dropBackMm", "frontRiseMm", "backRiseMm", "elasticRatio"]
            : ["frontWaistMm", "backWaistMm"]),
          ...(legs ? [] : ["inseamMm"]),
        ]}
      >
        {({ reckoning }) => (
          <NumberList
            label="Rises and lines"
            numbers={reckoning.numbers}
            strong={["frontRiseChange", "backRiseChange", "elastic"]}
          />
        )}
      </WorkingForm>
    </>
  );
}
