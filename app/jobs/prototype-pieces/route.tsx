import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { checkDraft } from "../../../core/drafting/index.ts";
import { jobChanges } from "../../../core/fitting/index.ts";
import { recipeOfPieces } from "../../../core/pieces/index.ts";
import { landingFaults } from "../../../core/redraw/index.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { recordOfPage } from "../../.server/read/jobRecord.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { PlaceNav } from "../../frame/PlaceNav.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { changeWords } from "../../pieces/changeWords.ts";
import { PiecesView } from "../../pieces/PiecesView.tsx";
import { StepList } from "../../pieces/StepList.tsx";
import { PrintForm } from "../pieces/PrintForm.tsx";
import type { Route } from "./+types/route.ts";
import { givePieces } from "./givePieces.server.ts";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { pieces } = storeOf(context);
  const { job, prototypes, fittings, ownChanges } = await recordOfPage(context, params.jobId);
  const number = idFrom(params.number, "prototype");
  const prototype = found(
    prototypes.find((one) => one.number === number),
    "prototype",
  );
  const having = await pieces.having(prototypes.map(({ id }) => id));
  const others = prototypes.filter((one) => one.number !== number && having.has(one.id)).map((one) => one.number);
  const asked = new URL(request.url).searchParams.get("over");
  const over = asked === null ? (others.findLast((other) => other < number) ?? null) : overOf(asked, others);
  const under = prototypes.find((one) => one.number === over);
  const words = changeWords(jobChanges(fittings, ownChanges));
  return {
    ...{ jobId: job.id, number, others, over, words, isLast: prototypes.at(-1)?.number === number },
    pieces: await pieces.ofPrototype(prototype.id),
    old: under ? (await pieces.ofPrototype(under.id)).map(({ id, draft }) => ({ id, draft })) : [],
  };
});

/** The prototype that is laid under this one; none where that was asked for. */
const overOf = (asked: string, others: readonly number[]): number | null =>
  asked === "none" ? null : found(others.find((other) => String(other) === asked) ?? null, "prototype with pieces");

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) =>
  givePieces(
    idFrom(params.jobId, "job"),
    idFrom(params.number, "prototype"),
    await readFields(request),
    storeOf(context),
  ),
);

export default function PrototypePieces({ loaderData, actionData }: Route.ComponentProps) {
  const { jobId, number, others, over, pieces, old, words, isLast } = loaderData;
  const lengths = useLengths();
  const unsaved = actionData as Unsaved | undefined;
  const address = `/jobs/${jobId}/prototypes/${number}`;
  return (
    <>
      <PageHead
        title={`Pieces of prototype ${number}`}
        above={<TextLink to={address}>Prototype {number}</TextLink>}
        below="What it was cut from, frozen with it."
      />
      {unsaved?.errors.form ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {unsaved.errors.form}
        </Alert>
      ) : null}
      {pieces.length === 0 ? (
        <EmptyState
          title="Made without pieces"
          action={
            <Form method="post">
              <Button type="submit" variant="contained">
                Draw them from its plan
              </Button>
            </Form>
          }
        >
          Set the options at <TextLink to={`/jobs/${jobId}/pieces`}>Pieces</TextLink> first. What is drawn has every
          change in that this prototype carries, and is kept with it.
        </EmptyState>
      ) : null}
      {others.length > 0 && pieces.length > 0 ? (
        <PlaceNav
          label="Laid over"
          places={[
            { to: "?over=none", label: "Alone", current: over === null },
            ...others.map((other) => ({
              ...{ to: `?over=${other}`, label: `Over prototype ${other}`, current: over === other },
            })),
          ]}
        />
      ) : null}
      {isLast && pieces.some(({ draft }) => draft.pieces.length > 0) ? (
        <Typography sx={{ mb: 2 }}>
          A bent ruler was laid to the body? <TextLink to={`${address}/traced`}>Lay its curve over an edge</TextLink>.
        </Typography>
      ) : null}
      {pieces.map(({ id, from, draft, steps }) => (
        <Box component="section" key={id} aria-labelledby={`pieces-${id}`} sx={{ mb: 4 }}>
          <Typography variant="h2" id={`pieces-${id}`} sx={{ mb: 0.5 }}>
            {recipeOfPieces(id).name}
          </Typography>
          <Typography sx={{ mb: 1.5, color: "text.secondary" }}>
            {from === "plan"
              ? "Drawn from the plan."
              : `Those of prototype ${number - 1} with what was decided on it drawn in.`}
          </Typography>
          <StepList
            steps={steps}
            words={words}
            elsewhere={pieces
              .filter((one) => one.id !== id)
              .flatMap((one) => one.steps.filter(({ calls }) => calls.length > 0).map(({ changeId }) => changeId))}
          />
          <PiecesView
            draft={draft}
            checks={[...landingFaults(draft, steps), ...checkDraft(draft)]}
            stretch={null}
            old={old.find((one) => one.id === id)?.draft ?? null}
            label={`${recipeOfPieces(id).name} of prototype ${number}${over === null ? "" : `, over those of prototype ${over}`}`}
          />
          {draft.pieces.length > 0 ? (
            <PrintForm
              base={`${address}/pieces/${id}`}
              paper={lengths.unit === "in" ? "letter" : "a4"}
              under={others}
            />
          ) : null}
        </Box>
      ))}
    </>
  );
}
