import { isPiecesId, PIECES, PIECES_IDS, type PiecesId, recipeOfPieces } from "../../../core/pieces/index.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { loadWorkings } from "../../.server/read/workingContext.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { PiecesView } from "../../pieces/PiecesView.tsx";
import { saveWorking } from "../calculation/saveWorking.server.ts";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { WorkingForm } from "../calculation/WorkingForm.tsx";
import type { Route } from "./+types/route.ts";
import { DraftNumbers } from "./DraftNumbers.tsx";
import { PrintForm } from "./PrintForm.tsx";
import { RecipeNav } from "./RecipeNav.tsx";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { style } = await planOfPage(context, params.jobId);
  const ids = PIECES_IDS.filter((id) => PIECES[id].appears(style));
  const asked = new URL(request.url).searchParams.get("draw");
  const shown = asked === null ? ids[0] : found(ids.find((id) => id === asked) ?? null, "recipe of this style");
  if (shown === undefined) return { at: null, ids };
  const { at, pages } = await loadWorkings(context, params.jobId, [shown]);
  return { at, ids, page: pages[shown], hints: hintsOf(shown, pages[shown].facts.usual) };
});

/** What options come to that are left empty, where the job decides it. */
const hintsOf = (id: PiecesId, usual: Readonly<Record<string, number>>): Record<string, string> =>
  Object.fromEntries(
    recipeOfPieces(id).options.flatMap(({ id: option, about }) => {
      const mm = usual[option];
      if (mm === undefined) return [];
      return [
        [
          option,
          `${about} Empty: ${Math.round(mm)} mm, ${option === "roll_width" ? "as the cloth is" : "by the style"}.`,
        ],
      ];
    }),
  );

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  const drawn = isPiecesId(fields.working) ? `?draw=${fields.working}` : "";
  return saveWorking(fields, jobId, storeOf(context), `/jobs/${jobId}/pieces${drawn}`);
});

export default function JobPieces({ loaderData, actionData, params }: Route.ComponentProps) {
  const lengths = useLengths();
  if (loaderData.at === null)
    return (
      <EmptyState
        title="No pieces of this style yet"
        action={<LinkButton to={`/jobs/${params.jobId}`}>Back to the job</LinkButton>}
      >
        Stenz draws briefs, one-pieces, tops, skirts and strips so far. Boned garments are cut from a pattern of your
        own.
      </EmptyState>
    );
  const { at, ids, page, hints } = loaderData;
  const { name, summary } = recipeOfPieces(page.id);
  return (
    <>
      <PageHead
        title="Pieces"
        below="What was decided, drawn: every girth and length of the plan as seam lines on the cloth. Set the options, and the pieces follow."
      />
      <RecipeNav shown={page.id} ids={ids} />
      <WorkingForm
        key={page.id}
        page={page}
        at={at}
        title={name}
        intro={summary}
        narrow
        hints={hints}
        hides={({ neck, back }) => [
          ...(neck === "plunge" ? [] : ["plunge_line"]),
          ...(back === "halter" ? [] : ["halter_from_centre"]),
        ]}
        unsaved={unsavedFor(page.id, actionData as Unsaved | undefined)}
      >
        {({ reckoning: { draft, checks, numbers } }) =>
          draft ? (
            <>
              <PiecesView
                draft={draft}
                checks={checks}
                stretch={page.facts.stretch}
                label={`${name}: ${draft.pieces.map((piece) => piece.name.toLowerCase()).join(", ")}, side by side`}
                onBody
              />
              <DraftNumbers numbers={numbers} />
            </>
          ) : null
        }
      </WorkingForm>
      {page.kept.version > 0 ? (
        <PrintForm base={`/jobs/${at.jobId}/pieces/${page.id}`} paper={lengths.unit === "in" ? "letter" : "a4"} />
      ) : null}
    </>
  );
}
