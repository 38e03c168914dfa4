import { redirect } from "react-router";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { found, idFrom, invalid, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import { WrapFields } from "../wrap/WrapFields.tsx";
import { newWrap } from "../wrap/wrapFields.ts";
import { readWrap } from "../wrap/wrapForm.server.ts";
import type { Route } from "./+types/route.ts";

const draftOf = (wearerId: number) => draftName("wrap-new", wearerId);

export const meta = () => [{ title: "Enter a body wrap · Stenz" }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wearer = found(await store.wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  return {
    wearer: { id: wearer.id, name: wearer.name },
    draft: await store.drafts.find(draftOf(wearer.id)),
    today: today(),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const wearerId = idFrom(params.wearerId, "wearer");
  const fields = await readFields(request);
  const read = readWrap(fields, today());
  if (!read.ok) return invalid(fields, read.errors);
  const id = await storeOf(context).inTransaction(async ({ wearers, wraps, drafts }) => {
    found(await wearers.find(wearerId), "wearer");
    await drafts.drop(draftOf(wearerId));
    return wraps.add({ wearerId, ...read.value });
  });
  return redirect(`/wraps/${id}`);
});

export default function NewWrap({ loaderData, actionData }: Route.ComponentProps) {
  const { wearer, draft, today: day } = loaderData;
  const unit = useFormUnit(actionData?.fields, draft);
  return (
    <>
      <PageHead
        title="Enter a body wrap"
        above={<TextLink to={`/wearers/${wearer.id}/wraps`}>{`Body wraps of ${wearer.name}`}</TextLink>}
        below="One row an edge, or a line across a piece. A piece that stands for both sides of the body counts twice round it."
      />
      <RecordForm
        draftForm={draftOf(wearer.id)}
        draft={draft}
        start={newWrap(day)}
        unsaved={actionData}
        hidden={{ unit }}
        submitLabel="Keep this wrap"
      >
        <WrapFields unit={unit} />
      </RecordForm>
    </>
  );
}
