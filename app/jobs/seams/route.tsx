import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { recipesFor, type SeamRecipe } from "../../../core/seams/index.ts";
import { reckonWorking } from "../../../core/workings/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { idFrom, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { askedPieces, keepingPieces } from "../../.server/http/piecesAsked.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { loadWorkings, readWorkings } from "../../.server/read/workingContext.ts";
import { SeamChart } from "../../chart/charts.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { CutFromNav } from "../../frame/CutFromNav.tsx";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { Sentences } from "../../frame/Sentences.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { LackList } from "../calculation/LackList.tsx";
import type { Route } from "./+types/route.ts";
import { type NamedRecipe, RecipeList } from "./RecipeList.tsx";
import { SeamNeeds } from "./SeamNeeds.tsx";
import { addTrial, chooseTrial, keepRecipe, removeTrial } from "./seams.server.ts";
import { TrialCard } from "./TrialCard.tsx";
import { TrialForm } from "./TrialForm.tsx";
import { startFields, trialDraft } from "./trialFields.ts";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { at, pages, read, cutFrom } = await loadWorkings({ request, params, context }, ["seams"]);
  const { settings, drafts } = storeOf(context);
  const kept = await settings.findAll(["machines", "recipes", "gaugeAddress"]);
  const { facts } = pages.seams;
  const { working } = pages.seams.kept;
  const machines = kept.machines.value?.rows ?? [];
  const recipes = recipesFor(kept.recipes.value ?? { rows: [] }, facts);
  const wanted = new URL(request.url).searchParams.get("recipe");
  const recipe = recipes.find(({ id }) => String(id) === wanted) ?? null;
  const last = reckonWorking("seams", working, facts).trials.at(-1);
  return {
    cutFrom,
    at,
    page: pages.seams,
    recipes: await namedRecipes(storeOf(context), recipes),
    machines: machines.map(({ name }) => name),
    start: {
      ...startFields({ recipe, last, machines, layers: facts.layers, round: read.job.girthDirection }),
      on: today(),
    },
    startedFrom: recipe ? `recipe ${recipe.id}` : (last?.trial.id ?? 0),
    draft: await drafts.find(trialDraft(at.jobId)),
    hasDevice: kept.gaugeAddress.value !== null,
  };
});

/** Recipes with the names their jobs have today. */
const namedRecipes = (
  { jobs }: Pick<Repositories, "jobs">,
  recipes: readonly SeamRecipe[],
): Promise<readonly NamedRecipe[]> =>
  Promise.all(recipes.map(async (one) => ({ ...one, jobName: (await jobs.find(one.jobId))?.name ?? null })));

export const action = guarded(
  keepingPieces(async ({ request, params, context }: Route.ActionArgs) => {
    const jobId = idFrom(params.jobId, "job");
    const store = storeOf(context);
    const fields = await readFields(request);
    switch (fields.intent) {
      case "use":
        return chooseTrial(fields, jobId, store);
      case "remove":
        return removeTrial(fields, jobId, store);
      case "recipe": {
        const { facts } = await readWorkings(
          store,
          await planOfPage(context, params.jobId),
          "picked",
          askedPieces(request),
        );
        return keepRecipe(fields, jobId, store, facts.seams);
      }
      default:
        return addTrial(fields, jobId, store);
    }
  }),
);

export default function JobSeams({ loaderData, actionData }: Route.ComponentProps) {
  const { at, page, recipes, machines, start, startedFrom, draft, hasDevice } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  const reckoning = reckonWorking("seams", page.kept.working, page.facts);
  const { trials, needed, lacks, warnings, inUse } = reckoning;
  const ofTrial = unsaved?.fields.intent === "trial" ? unsaved : undefined;
  return (
    <>
      <PageHead
        title="Seams"
        below="A stitch must stretch further than the garment will. Sew a scrap, pull it until the first stitch breaks, change one thing at a time."
      />
      <CutFromNav cutFrom={loaderData.cutFrom} />
      {unsaved?.errors.form && !ofTrial ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {unsaved.errors.form}
        </Alert>
      ) : null}
      <LackList lacks={lacks} at={at} />
      {warnings.length > 0 ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          <Sentences label="To mend" items={warnings} />
        </Alert>
      ) : null}
      {reckoning.seams.length > 0 ? <SeamNeeds reckoning={reckoning} /> : null}
      {trials.length > 0 ? (
        <Box component="section" aria-labelledby="trials" sx={{ mb: 3 }}>
          <Box sx={{ display: "flex", alignItems: "baseline", gap: 2, mb: 1 }}>
            <Typography variant="h2" id="trials">
              Trials
            </Typography>
            <TextLink to="#new-trial">The next one</TextLink>
          </Box>
          <SeamChart
            trials={trials.map(({ trial, stretch, verdict }) => ({
              ...{ name: `trial ${trial.id}`, stretch, holds: verdict !== null && verdict !== "fail" },
            }))}
            needed={needed}
            cloth={page.facts.usable}
            label="How far each trial went, against what is needed and what the cloth gives"
          />
          {trials.toReversed().map((read) => (
            <TrialCard
              key={read.trial.id}
              jobId={at.jobId}
              read={read}
              used={inUse?.trial.id === read.trial.id}
              open={read === trials.at(-1)}
            />
          ))}
        </Box>
      ) : null}
      {recipes.length > 0 && page.facts.clothClass ? (
        <RecipeList recipes={recipes} clothClass={page.facts.clothClass} />
      ) : null}
      <Box component="section" aria-labelledby="new-trial" className="no-print">
        <Typography variant="h2" id="new-trial" sx={{ mb: 1 }}>
          {trials.length === 0 ? "The first trial" : "The next trial"}
        </Typography>
        {machines.length === 0 ? (
          <EmptyState
            title="No machine yet"
            action={
              <LinkButton to="/machines" variant="contained">
                Name your machines
              </LinkButton>
            }
          >
            A trial says which machine it was sewn on: a set-up that holds on one may fail on another.
          </EmptyState>
        ) : (
          <>
            <Typography sx={{ color: "text.secondary", mb: 1.5 }}>
              {trials.length === 0
                ? "Sew a scrap of the same cloth in the same direction, mark 100 mm along the seam, pull."
                : "It starts from the last one, with the one change that was advised."}{" "}
              <TextLink to="/machines">Machines</TextLink>
            </Typography>
            <TrialForm
              key={startedFrom}
              draftForm={trialDraft(at.jobId)}
              draft={draft}
              start={start}
              unsaved={ofTrial}
              machines={machines}
              hasDevice={hasDevice}
              needed={needed}
            />
          </>
        )}
      </Box>
    </>
  );
}
