import Typography from "@mui/material/Typography";
import { data, redirect } from "react-router";
import { found, invalid, notFound, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import type { Unsaved } from "../../form/unsaved.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { SheetFields } from "../../wearers/sheet-new/SheetFields.tsx";
import { readSheet } from "../../wearers/sheet-new/sheetForm.server.ts";
import type { Route } from "./+types/route.ts";

export const handle = { bare: true };

export const meta = () => [{ title: "Measure yourself · Stenz" }];

/** The measures a link asks for: those the style of its job needs, and nothing else of the workshop. */
export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const link = found(await store.measureLinks.find(params.secret, new Date()), "link");
  if (link.standing !== "good") return { standing: link.standing, needed: [], isChild: false, today: today() };
  const job = found(await store.jobs.find(link.jobId), "link");
  const { measures } = found(await store.styles.find(job.styleId), "link");
  const isChild = (await store.wearers.find(job.wearerId))?.child ?? false;
  return { standing: link.standing, needed: measures, isChild, today: today() };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const sheet = readSheet({ ...fields, selfMeasured: "yes" }, today());
  if (!sheet.ok) return invalid(fields, sheet.errors);
  const answer = await storeOf(context).inTransaction(async ({ measureLinks, jobs, styles, sheets }) => {
    const link = await measureLinks.find(params.secret, new Date());
    if (!link) notFound("link");
    const job = found(await jobs.find(link.jobId), "link");
    if (!(await measureLinks.use(params.secret, new Date())))
      return data({ fields, errors: { takenOn: OVER } } satisfies Unsaved, { status: 409 });
    const { measures } = found(await styles.find(job.styleId), "link");
    const asked = new Set<string>(measures);
    const values = sheet.value.values.filter(({ code }) => asked.has(code));
    await sheets.add({ wearerId: job.wearerId, ...sheet.value, values });
    return redirect(`/measure/${params.secret}`);
  });
  return answer;
});

const OVER =
  "Expected a link that is good yet: this one was used, or its day is over. Ask for another; what you typed still stands here.";

export default function Measure({ loaderData, actionData }: Route.ComponentProps) {
  const { standing, needed, isChild } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  if (standing !== "good" && !unsaved)
    return (
      <EmptyState title={standing === "used" ? "Thank you" : "This link is over"}>
        {standing === "used"
          ? "Your measures have come. This link was for one sheet and is used up; you can close the page."
          : "It was good for one day. Ask whoever sent it for another."}
      </EmptyState>
    );
  return (
    <>
      <Typography variant="h1" sx={{ mb: 1 }}>
        Measure yourself
      </Typography>
      <Typography sx={{ mb: 3, color: "text.secondary" }}>
        A soft tape, tight clothes or none, a mirror, and somebody who helps behind if there is one. Tap a field: the
        picture shows where the tape lies. Leave out what you cannot reach. Nothing goes out before you press the
        button, and the link is good once.
      </Typography>
      <RecordForm
        draftForm={null}
        start={{ takenOn: loaderData.today, unit: "cm", tape: "snug", wornUnder: "nothing", selfMeasured: "yes" }}
        unsaved={unsaved}
        submitLabel="Send my measures"
      >
        <SheetFields needed={needed} earlier={null} isChild={isChild} only />
      </RecordForm>
    </>
  );
}
