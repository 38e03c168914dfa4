import Box from "@mui/material/Box";
import { useMemo } from "react";
import {
  drawsCups,
  isPiecesId,
  type OwnPattern,
  optionsSet,
  PIECES,
  PIECES_IDS,
  type PieceFacts,
  type PiecesId,
  type PiecesReckoning,
  recipeOfPieces,
  type SetOptions,
} from "../../../core/pieces/index.ts";
import { filledFrom } from "../../../core/standing/index.ts";
import { reckonWorking } from "../../../core/workings/index.ts";
import type { PiecesRepository } from "../../../data/fitting/index.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { askedPieces } from "../../.server/http/piecesAsked.ts";
import { readFinishes } from "../../.server/read/finishes.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { bareFacts, loadWorkings, type WorkingOnPage } from "../../.server/read/workingContext.ts";
import { readForm } from "../../form/fields.server.ts";
import { textsOf, type Unsaved } from "../../form/unsaved.ts";
import { CutFromNav } from "../../frame/CutFromNav.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { PiecesView } from "../../pieces/PiecesView.tsx";
import { saveWorking } from "../calculation/saveWorking.server.ts";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { isCostly } from "../calculation/useReckoning.ts";
import { WorkingForm, type WorkingPage } from "../calculation/WorkingForm.tsx";
import type { Route } from "./+types/route.ts";
import { CutPieces } from "./CutPieces.tsx";
import { CupSurfaces } from "./cups/CupSurfaces.tsx";
import { DraftNumbers } from "./DraftNumbers.tsx";
import { idleOptions } from "./idleOptions.ts";
import { LastDrawn } from "./LastDrawn.tsx";
import { type LaidGarment, LikedBeside } from "./liked/LikedBeside.tsx";
import { takeOver } from "./liked/takeOver.server.ts";
import { ReadIn } from "./own/ReadIn.tsx";
import { readInFile, takeBuilt, takeWrap } from "./own/readIn.server.ts";
import { PrintForm } from "./PrintForm.tsx";
import { keepPartsToo } from "./partsToo.server.ts";
import { RecipeNav } from "./RecipeNav.tsx";
import { StepsPanel } from "./steps/StepsPanel.tsx";
import { takeStep, takeStepBack } from "./steps/step.server.ts";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { style } = await planOfPage(context, params.jobId);
  const ids = PIECES_IDS.filter((id) => PIECES[id].appears(style));
  const address = new URL(request.url).searchParams;
  const asked = address.get("draw");
  const shown =
    asked === null
      ? found(ids[0], "recipe of this style")
      : found(
          ids.find((id) => id === asked),
          "recipe of this style",
        );
  const { at, pages } = await loadWorkings({ request, params, context }, [shown]);
  const { cutFrom, cut } = await cutNow(storeOf(context).pieces, at.jobId, { request, shown });
  const own = shown === "ownPieces";
  const wraps = own ? await storeOf(context).wraps.ofWearer(at.wearerId) : [];
  const garments = await storeOf(context).liked.ofWearer(at.wearerId);
  return {
    ...{ cutFrom, cut },
    ...{ at, ids, page: withReckoned(pages[shown]), hints: hintsOf(shown, pages[shown].facts.usual) },
    habits: await readFinishes(storeOf(context)),
    passed: address.getAll("passed").slice(0, MOST_PASSED),
    wraps: wraps.map(({ id, name }) => ({ id, name })),
    garments: garments.map(({ id, name, widthsMm, lengthsMm }): LaidGarment => ({ id, name, widthsMm, lengthsMm })),
  };
});

/**
 * The set of pieces that is cut now: of the newest prototype, or of the one that was asked for. Where a recipe is asked for by its name, or the
 * plan is, it is drawn anew.
 */
async function cutNow(
  pieces: Pick<PiecesRepository, "ofJob">,
  jobId: number,
  { request, shown }: { readonly request: Request; readonly shown: PiecesId },
) {
  const asked = askedPieces(request);
  const made = await pieces.ofJob(jobId, typeof asked === "number" ? asked : null);
  const anew = asked === "plan" || (asked === null && new URL(request.url).searchParams.has("draw"));
  const cut = anew ? null : (made?.pieces.find(({ id }) => id === shown) ?? null);
  return { cutFrom: { number: cut && made ? made.number : null, numbers: made?.numbers ?? [] }, cut };
}

/** A page with what takes long to draw, as it is kept: the browser has it at once. */
const withReckoned = <Id extends PiecesId>(page: WorkingOnPage<Id>) =>
  isCostly(page.id) ? { ...page, reckoned: reckonWorking(page.id, page.kept.working, page.facts) } : page;

/** What of the job makes an option usual, in words; left out for its style. */
const USUAL_BY: Readonly<Record<string, string>> = {
  roll_width: "as the cloth is",
  cloth_gives: "as the cloth was tested",
  cup_strain: "by the settings",
};

/** What options come to that are left empty, where the job decides it. */
const hintsOf = (id: PiecesId, usual: Readonly<Record<string, number>>): Record<string, string> =>
  Object.fromEntries(
    recipeOfPieces(id).options.flatMap((one) => {
      const { id: option, about } = one;
      const mm = usual[option];
      if (mm === undefined) return [];
      const value = one.as === "number" && one.of === "ratio" ? mm.toFixed(2) : `${Math.round(mm)} mm`;
      return [[option, `${about} Empty: ${value}, ${USUAL_BY[option] ?? "by the style"}.`]];
    }),
  );

/** False for a pattern of which only lengths are told: nothing of it can be printed. */
const isDrawn = (working: object): boolean => !("outlines" in working) || (working as OwnPattern).outlines.length > 0;

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const form = await readForm(request);
  const fields = textsOf(form);
  if (fields.intent === "file") return readInFile(form, jobId, storeOf(context), request.signal);
  if (fields.intent === "built") return takeBuilt(fields, jobId, storeOf(context));
  if (fields.intent === "wrap") return takeWrap(fields, jobId, storeOf(context));
  if (fields.intent === "stepBack") return takeStepBack(fields, jobId, storeOf(context));
  if (fields.intent === "step" || fields.intent === "liked") {
    const facts = bareFacts(await planOfPage(context, params.jobId));
    const factsOf = (id: PiecesId) => PIECES[id].facts(facts);
    if (fields.intent === "liked") return takeOver(fields, jobId, storeOf(context), factsOf);
    return takeStep(fields, jobId, storeOf(context), factsOf, await readFinishes(storeOf(context)));
  }
  const id = fields.working;
  if (!isPiecesId(id)) return saveWorking(fields, jobId, storeOf(context), `/jobs/${jobId}/pieces`);
  const { style } = await planOfPage(context, params.jobId);
  return saveWorking(fields, jobId, storeOf(context), `/jobs/${jobId}/pieces?draw=${id}`, {
    also: (all, now, before) => keepPartsToo(all, jobId, { id, style, before, now }),
  });
});

/** Options as pieces are drawn by them: those that are empty as other steps were told, those that are decided elsewhere as they were. */
const asDrawn = (set: SetOptions, { elsewhere, decided = {} }: PieceFacts): SetOptions => ({
  ...filledFrom(set, elsewhere),
  ...Object.fromEntries(Object.entries(decided).map(([id, { value }]) => [id, value])),
});

/** So many kinds of lines are told that a file had and a pattern has not. */
const MOST_PASSED = 20;

/** What came back unsaved of one of a page's forms. */
const sentBy = (unsaved: Unsaved | undefined, ...intents: readonly string[]): Unsaved | undefined =>
  unsaved && intents.includes(unsaved.fields.intent ?? "") ? unsaved : undefined;

/** The pieces as they are kept, whatever is being typed: what steps are drawn on. */
function useKeptPieces(page: WorkingPage<PiecesId>): PiecesReckoning {
  const { id, kept, facts, reckoned } = page;
  return useMemo(() => reckoned ?? reckonWorking(id, kept.working, facts), [reckoned, id, kept.working, facts]);
}

export default function JobPieces({ loaderData, actionData }: Route.ComponentProps) {
  const lengths = useLengths();
  const { at, ids, page, hints, wraps, passed, garments, habits } = loaderData;
  const own = page.id === "ownPieces";
  const unsaved = actionData as Unsaved | undefined;
  const { name, summary } = recipeOfPieces(page.id);
  const kept = useKeptPieces(page);
  const { cut, cutFrom } = loaderData;
  if (cut && cutFrom.number !== null)
    return (
      <>
        <PageHead
          title="Pieces"
          below={`As prototype ${cutFrom.number} was cut: what elastics, cloth and seams go by.`}
        />
        <CutFromNav cutFrom={cutFrom} at={`draw=${page.id}`} />
        <RecipeNav shown={page.id} ids={ids} of={cutFrom.number} />
        <CutPieces cut={cut} number={cutFrom.number} jobId={at.jobId} stretch={page.facts.stretch} />
      </>
    );
  // Once a prototype was cut the other pages go by its pieces, unless they are told to go by these.
  const ofPlan = cutFrom.numbers.length > 0 ? "?pieces=plan" : "";
  return (
    <>
      <PageHead
        title="Pieces"
        below="What was decided, drawn: every girth and length of the plan as seam lines on the cloth. Set the options, and the pieces follow."
      />
      <CutFromNav cutFrom={cutFrom} at={`draw=${page.id}`} />
      <RecipeNav shown={page.id} ids={ids} />
      <WorkingForm
        key={page.id}
        page={page}
        at={at}
        title={name}
        intro={summary}
        narrow={!own}
        above={own}
        hints={hints}
        hides={(working) => ("edges" in working ? [] : idleOptions(asDrawn(working, page.facts)))}
        unsaved={unsavedFor(page.id, unsaved)}
      >
        {({ working, reckoning, stale }) => (
          <LastDrawn reckoning={reckoning}>
            {({ draft, checks, numbers }, before) => (
              <>
                <PiecesView
                  draft={draft}
                  checks={checks}
                  stretch={page.facts.stretch}
                  label={`${name}: ${draft.pieces.map((piece) => piece.name.toLowerCase()).join(", ")}, side by side`}
                  onBody={!own}
                  stale={stale || before}
                />
                {drawsCups(page.id) && !("edges" in working) ? (
                  <CupSurfaces
                    recipe={recipeOfPieces(page.id).id}
                    facts={{ ...page.facts.drawn, options: optionsSet(recipeOfPieces(page.id), working, page.facts) }}
                  />
                ) : null}
                {before ? null : <DraftNumbers numbers={numbers} />}
              </>
            )}
          </LastDrawn>
        )}
      </WorkingForm>
      {kept.draft && page.kept.version > 0 ? (
        <Box className="no-print" sx={{ mb: 3, display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center" }}>
          <LinkButton to={`/jobs/${at.jobId}/elastics${ofPlan}`}>Elastics of these edges</LinkButton>
          <LinkButton to={`/jobs/${at.jobId}/layout${ofPlan}`}>Cloth they need</LinkButton>
        </Box>
      ) : null}
      {kept.draft ? (
        <>
          <StepsPanel
            id={page.id}
            version={page.kept.version}
            draft={kept.draft}
            steps={kept.steps}
            habits={habits}
            unsaved={sentBy(unsaved, "step", "stepBack", "liked")}
          />
          <LikedBeside
            id={page.id}
            version={page.kept.version}
            draft={kept.draft}
            garments={garments}
            at={at}
            unsaved={sentBy(unsaved, "liked")}
          />
        </>
      ) : null}
      {own ? (
        <ReadIn
          version={page.kept.version}
          wraps={wraps}
          passed={passed}
          unsaved={sentBy(unsaved, "file", "wrap", "built")}
        />
      ) : null}
      {page.kept.version > 0 && isDrawn(page.kept.working) ? (
        <PrintForm base={`/jobs/${at.jobId}/pieces/${page.id}`} paper={lengths.unit === "in" ? "letter" : "a4"} />
      ) : null}
    </>
  );
}
