import Alert from "@mui/material/Alert";
import { type CorsetWorking, isLacedBy } from "../../../core/corset/index.ts";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { loadWorkings } from "../../.server/read/workingContext.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { saveWorking } from "../calculation/saveWorking.server.ts";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { WorkingForm } from "../calculation/WorkingForm.tsx";
import type { Route } from "./+types/route.ts";
import { keepAmount, keepPanels, startInner } from "./corset.server.ts";
import { InnerCorset } from "./InnerCorset.tsx";
import { NotBoned } from "./NotBoned.tsx";
import { Reduction } from "./Reduction.tsx";
import { StopSigns } from "./StopSigns.tsx";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { read, at, needed, pages } = await loadWorkings({ request, params, context }, [
    "corset",
    "corsetPieces",
    "bones",
    "wear",
  ]);
  const { kept, facts } = pages.corsetPieces;
  return {
    ...{ at, boned: needed.includes("corset"), page: pages.corset, dress: read.style.id === "bonedDress" },
    lacing: { bones: pages.bones.kept.working, wear: pages.wear.kept.working },
    panels: { set: kept.working, usual: facts.usual, version: kept.version },
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  if (fields.intent === "amount") return keepAmount(fields, jobId, storeOf(context));
  if (fields.intent === "panels") return keepPanels(fields, jobId, storeOf(context));
  if (fields.intent === "inner") return startInner(jobId, storeOf(context));
  return saveWorking(fields, jobId, storeOf(context), `/jobs/${jobId}/corset`);
});

/** Fields that do not matter with what is chosen. */
function hides({ levels, closes }: { levels: readonly string[]; closes: CorsetWorking["closing"] }) {
  return ({ school, closing }: CorsetWorking): string[] => [
    ...(school === "mm" ? [] : ["offMm"]),
    ...(school === "percent" ? [] : ["offPart"]),
    ...(school === "ease" ? ["experience"] : ["easeMm"]),
    ...(closes === "zip" ? [] : ["netStrength", "netTone"]),
    ...(closing !== "asStyle" && !isLacedBy(closing) ? ["gapMm"] : []),
    ...(closing === "asStyle" && closes === "zip" ? ["gapMm"] : []),
    ...["bust", "underbust", "midRib", "highHip"]
      .filter((level) => !levels.includes(level))
      .map((level) => `${level}Mm`),
    ...(levels.includes("lowerEdge")
      ? []
      : ["lowerEdgeMm", "lowerFrontMm", "lowerSideMm", "lowerBackMm", "lowerGirthMm"]),
  ];
}

export default function JobCorset({ loaderData, actionData }: Route.ComponentProps) {
  const { at, boned, page, dress, lacing, panels } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  if (!boned) return <NotBoned jobId={at.jobId} />;
  const refused = unsaved?.errors.amount ?? unsaved?.errors.panels;
  return (
    <>
      <PageHead
        title="Reduction"
        below="How much smaller than the body it closes, level by level. The cloth must not give: the body does, as far as it offers."
      />
      <StopSigns />
      {refused ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {refused}
        </Alert>
      ) : null}
      <WorkingForm
        page={page}
        at={at}
        title="Closed girths"
        intro="The waist by a school, the underbust by a breath. What is left empty is as usual; every number opens its way."
        unsaved={unsavedFor("corset", unsaved)}
        hides={hides(page.facts)}
      >
        {({ working, reckoning }) => (
          <Reduction
            jobId={at.jobId}
            working={working}
            reckoning={reckoning}
            facts={page.facts}
            lacing={lacing}
            panels={panels}
            version={page.kept.version}
          />
        )}
      </WorkingForm>
      {dress && page.kept.version > 0 ? <InnerCorset /> : null}
    </>
  );
}
