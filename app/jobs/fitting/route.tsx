import Alert from "@mui/material/Alert";
import { data } from "react-router";
import type { FittingHead } from "../../../core/fitting/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readJob } from "../../.server/read/jobRecord.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";
import { FITTING_ACTIONS } from "./actions.server.ts";
import { BeginFitting } from "./BeginFitting.tsx";
import { draftNames } from "./draftNames.ts";
import { FittingSheet } from "./FittingSheet.tsx";
import { loadFitting } from "./loadFitting.server.ts";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  {
    title: loaderData ? `Fitting of prototype ${loaderData.prototype.number}, ${loaderData.job.name} · Stenz` : "Stenz",
  },
];

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) =>
  loadFitting(context, params, new URL(request.url).searchParams),
);

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const number = idFrom(params.number, "prototype");
  const fields = await readFields(request);
  const act = FITTING_ACTIONS.get(fields.intent ?? "");
  if (!act)
    return data<Unsaved>({ fields, errors: { form: "Expected one of the forms of this page." } }, { status: 400 });
  return storeOf(context).inTransaction(async (repositories) => {
    const read = await readJob(repositories, jobId);
    const prototype = found(
      read.prototypes.find((one) => one.number === number),
      "prototype",
    );
    return act({
      repositories,
      read,
      prototype,
      fields,
      photo: null,
      address: `/jobs/${jobId}/prototypes/${number}/fitting`,
    });
  });
});

/** What was written down when a fitting began, in one line. */
function headWords({ fittedOn, on, way, over, notes }: FittingHead): string {
  const worn = on === "form" ? "on a form: it does not breathe and does not squash" : "on the wearer";
  const how = [worn, way === "insideOut" ? "inside out" : "", over ? `over ${over}` : ""].filter(
    (words) => words !== "",
  );
  return `${formatDay(fittedOn)}, ${how.join(", ")}.${notes ? ` ${notes}` : ""}`;
}

export default function FittingPage({ loaderData, actionData }: Route.ComponentProps) {
  const { job, prototype, fitting, drafts, isForm, watch } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  const address = `/jobs/${job.id}/prototypes/${prototype.number}`;
  return (
    <>
      <PageHead
        title={`Fitting of prototype ${prototype.number}`}
        above={<TextLink to={address}>Prototype {prototype.number}</TextLink>}
        below={fitting ? headWords(fitting) : "One try-on: what is seen, where, how much."}
        actions={
          fitting ? (
            <LinkButton to={`/jobs/${job.id}/prototypes`} variant="outlined">
              Plan the next
            </LinkButton>
          ) : null
        }
      />
      {watch.length > 0 ? (
        <Alert severity="info" icon={false} sx={{ mb: 2 }}>
          <strong>Look at this too:</strong> {watch.join(" ")}
        </Alert>
      ) : null}
      {fitting ? (
        <FittingSheet {...loaderData} fitting={fitting} unsaved={unsaved} />
      ) : (
        <BeginFitting
          prototypeId={prototype.id}
          isForm={isForm}
          today={loaderData.today}
          draft={drafts[draftNames.begin(prototype.id)]}
          unsaved={unsaved}
        />
      )}
    </>
  );
}
