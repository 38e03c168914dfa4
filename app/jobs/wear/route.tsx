import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { loadWorkings } from "../../.server/read/workingContext.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { saveWorking } from "../calculation/saveWorking.server.ts";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { WorkingForm } from "../calculation/WorkingForm.tsx";
import { NotBoned } from "../corset/NotBoned.tsx";
import { StopSigns } from "../corset/StopSigns.tsx";
import type { Route } from "./+types/route.ts";
import { GapReads } from "./GapReads.tsx";
import { LacePull } from "./LacePull.tsx";
import { PullTable } from "./PullTable.tsx";
import { Wears } from "./Wears.tsx";
import { WornLevels } from "./WornLevels.tsx";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { at, needed, pages } = await loadWorkings({ request, params, context }, ["wear"]);
  const { gaugeAddress } = await storeOf(context).settings.findAll(["gaugeAddress"]);
  return { at, boned: needed.includes("wear"), page: pages.wear, hasDevice: gaugeAddress.value !== null };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  return saveWorking(await readFields(request), jobId, storeOf(context), `/jobs/${jobId}/wear`);
});

export default function JobWear({ loaderData, actionData }: Route.ComponentProps) {
  const { at, boned, page, hasDevice } = loaderData;
  if (!boned) return <NotBoned jobId={at.jobId} />;
  const laced = page.facts.closed?.laced ?? true;
  return (
    <>
      <PageHead
        title="Lacing and wear"
        below="How far it closes on the body and on a form, how hard the lacing presses, and how it settles over its first wears."
      />
      <StopSigns />
      <WorkingForm
        page={page}
        at={at}
        title="As it was closed and worn"
        intro={
          laced
            ? "Read the gap at top, waist and bottom each time it is laced on. A form is named as such: it neither squashes nor breathes."
            : "Read what it lacks to meet at top, waist and bottom; 0 where it closes. A form is named as such: it neither squashes nor breathes."
        }
        above
        unsaved={unsavedFor("wear", actionData as Unsaved | undefined)}
        hides={() => (laced ? [] : ["targetMm", "pitchMm", "pulls"])}
      >
        {({ reckoning }) => (
          <>
            {laced ? <LacePull hasDevice={hasDevice} /> : null}
            {reckoning.levels.length > 0 ? <WornLevels levels={reckoning.levels} numbers={reckoning.numbers} /> : null}
            {reckoning.targetMm === null ? null : (
              <GapReads
                gaps={reckoning.gaps}
                targetMm={reckoning.targetMm}
                numbers={reckoning.numbers}
                laced={reckoning.laced}
              />
            )}
            <PullTable pulls={reckoning.pulls} numbers={reckoning.numbers} />
            <Wears {...reckoning} />
          </>
        )}
      </WorkingForm>
    </>
  );
}
