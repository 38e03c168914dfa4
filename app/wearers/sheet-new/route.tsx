import Box from "@mui/material/Box";
import { redirect } from "react-router";
import { isMeasureCode, type MeasureCode } from "../../../core/body/index.ts";
import type { Style } from "../../../core/ease/index.ts";
import { savedOrThrow } from "../../../data/db/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { found, idFrom, invalid, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import type { Fields } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { fieldsOf } from "../measureFields.ts";
import type { Route } from "./+types/route.ts";
import { SheetFields } from "./SheetFields.tsx";
import { readSheet } from "./sheetForm.server.ts";

const draftOf = (wearerId: number) => draftName("sheet", wearerId);

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `New sheet for ${loaderData?.wearer.name ?? ""} · Stenz` },
];

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wearer = found(await store.wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  const address = new URL(request.url).searchParams;
  const jobText = address.get("job");
  const job = jobText ? found(await store.jobs.find(idFrom(jobText, "job")), "job") : null;
  const fromText = address.get("from");
  const from = fromText ? await store.sheets.find(idFrom(fromText, "sheet")) : null;
  const start: Fields = {
    takenOn: today(),
    unit: from?.unit ?? "cm",
    tape: from?.tape ?? "snug",
    wornUnder: from?.wornUnder ?? "nothing",
    ...Object.assign({}, ...(from?.values ?? []).map(fieldsOf)),
  };
  return {
    wearer,
    job: job ? { id: job.id, name: job.name } : null,
    copied: from !== null,
    needed: job ? neededFor(found(await store.styles.find(job.styleId), "style"), address.get("also")) : null,
    start,
    earlier: (await store.sheets.ofWearer(wearer.id))[0] ?? null,
    draft: await store.drafts.find(draftOf(wearer.id)),
  };
});

/** What a job's style needs, and what one of its calculations asked for beside it. */
const neededFor = ({ measures }: Style, also: string | null): MeasureCode[] => [
  ...new Set([...measures, ...(also ?? "").split(",").filter(isMeasureCode)]),
];

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const wearerId = idFrom(params.wearerId, "wearer");
  const fields = await readFields(request);
  const sheet = readSheet(fields, today());
  if (!sheet.ok) return invalid(fields, sheet.errors);
  const jobId = fields.job ? idFrom(fields.job, "job") : null;
  const sheetId = await storeOf(context).inTransaction(async ({ wearers, sheets, jobs, drafts }) => {
    found(await wearers.find(wearerId), "wearer");
    const id = await sheets.add({ wearerId, ...sheet.value });
    const job = jobId === null ? null : await jobs.find(jobId);
    if (job && job.wearerId === wearerId) savedOrThrow(await jobs.save({ ...job, sheetId: id }));
    await drafts.drop(draftOf(wearerId));
    return id;
  });
  return redirect(jobId === null ? `/sheets/${sheetId}` : `/jobs/${jobId}/body`);
});

export default function NewSheet({ loaderData, actionData }: Route.ComponentProps) {
  const { wearer, job, start, draft, needed, copied } = loaderData;
  return (
    <>
      <PageHead
        title={`New sheet for ${wearer.name}`}
        above={<TextLink to={`/wearers/${wearer.id}`}>{wearer.name}</TextLink>}
        below={
          copied
            ? "Filled in from the earlier sheet, which stays as it is: change what is different today."
            : job
              ? `The measures “${job.name}” needs, in the order a person is measured. Leave out what you cannot take now.`
              : "In the order a person is measured. Leave out what you do not need."
        }
      />
      <Box>
        <RecordForm
          draftForm={draftOf(wearer.id)}
          draft={draft}
          start={start}
          unsaved={actionData}
          hidden={job ? { job: job.id } : {}}
          submitLabel="Save sheet"
        >
          <SheetFields needed={needed} earlier={loaderData.earlier} isChild={wearer.child} />
        </RecordForm>
      </Box>
    </>
  );
}
