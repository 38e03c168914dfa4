import Typography from "@mui/material/Typography";
import { DECISION_IDS, decisionsOf, partsOfStyle } from "../../../core/parts/index.ts";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { keepingPieces } from "../../.server/http/piecesAsked.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { loadWorkings } from "../../.server/read/workingContext.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { CutFromNav } from "../../frame/CutFromNav.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { Sentences } from "../../frame/Sentences.tsx";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { WorkingForm } from "../calculation/WorkingForm.tsx";
import type { Route } from "./+types/route.ts";
import { AsStyle } from "./AsStyle.tsx";
import { PieceList } from "./PieceList.tsx";
import { keepAsStyle, saveParts, tickPiece, tickToPart } from "./parts.server.ts";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { at, pages, cutFrom } = await loadWorkings({ request, params, context }, ["parts"]);
  return {
    cutFrom,
    at,
    page: pages.parts,
  };
});

export const action = guarded(
  keepingPieces(async ({ request, params, context }: Route.ActionArgs) => {
    const jobId = idFrom(params.jobId, "job");
    const fields = await readFields(request);
    if (fields.intent === "tick") return tickPiece(fields, jobId, storeOf(context));
    const { style } = await planOfPage(context, params.jobId);
    if (fields.intent === "part") return tickToPart(fields, jobId, storeOf(context), style);
    if (fields.intent === "style") return keepAsStyle(fields, jobId, storeOf(context), style);
    return saveParts(fields, jobId, storeOf(context), style);
  }),
);

export default function JobParts({ loaderData, actionData }: Route.ComponentProps) {
  const { at, page } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  const asked = decisionsOf(page.facts.style).map(({ id }) => id);
  const hidden = DECISION_IDS.filter((id) => !asked.includes(id));
  return (
    <>
      <PageHead
        title="Parts"
        below="A few decisions, and exactly the pieces they come to. Kept, they set the options of the pieces that are drawn here, and open the rings they open."
      />
      <CutFromNav cutFrom={loaderData.cutFrom} />
      <WorkingForm
        page={page}
        at={at}
        title="Decisions"
        intro="What does not go together is said with its reason. What is not decided stays as the pieces have it."
        narrow
        hides={() => hidden}
        unsaved={unsavedFor("parts", unsaved)}
      >
        {({ reckoning: { verdicts, rows, lines, checks, otherwise }, working, kept }) => (
          <>
            <Sentences
              label="What has the word"
              items={[
                ...verdicts.filter(({ kind }) => kind === "asks").map(({ message }) => message),
                ...(kept ? otherwise : []),
              ]}
            />
            {rows.length > 0 ? (
              <PieceList
                jobId={at.jobId}
                rows={rows}
                lines={lines}
                cut={working.cut}
                without={working.without}
                belongs={working.belongs}
                parts={partsOfStyle(page.facts.style)}
                kept={kept && page.kept.version > 0}
              />
            ) : null}
            {checks.length > 0 ? (
              <>
                <Typography variant="h3" sx={{ mb: 0.5 }}>
                  For the first fitting
                </Typography>
                <Sentences label="For the first fitting" items={checks} />
              </>
            ) : null}
          </>
        )}
      </WorkingForm>
      {page.kept.version > 0 ? <AsStyle unsaved={unsaved?.fields.intent === "style" ? unsaved : undefined} /> : null}
    </>
  );
}
