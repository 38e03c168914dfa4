import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { redirect } from "react-router";
import { formReader } from "../../../formats/form/formReader.ts";
import { group, line } from "../../../formats/form/index.ts";
import { found, idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { keeperContext } from "../../.server/keeping/keeper.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";

export const meta = () => [{ title: "Erase a wearer · Stenz" }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wearer = found(await store.wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  const [sheets, jobs] = [await store.sheets.ofWearer(wearer.id), await store.jobs.ofWearer(wearer.id)];
  return { wearer, sheets: sheets.length, jobs: jobs.map(({ name }) => name) };
});

/** Reads the name that is typed to confirm. */
const readName = formReader(group({ typedName: line("the name of the wearer") }));

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const store = storeOf(context);
  const wearer = found(await store.wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  const fields = await readFields(request);
  const read = readName(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const { typedName } = read.value;
  if (typedName !== wearer.name)
    return invalid(fields, { typedName: `Expected the name “${wearer.name}”, but got “${typedName}”.` });
  const { clean } = await store.eraseWearer(wearer.id);
  // Backups forget them at once where the server keeps any; what fails is tried again by itself.
  await context.get(keeperContext)?.keepUp();
  // What the browser holds of them goes too; what waits in its queue for other jobs does not.
  return redirect(`/wearers?erased=${clean ? "whole" : "later"}`, { headers: { "Clear-Site-Data": '"cache"' } });
});

export default function EraseWearer({ loaderData, actionData }: Route.ComponentProps) {
  const { wearer, sheets, jobs } = loaderData;
  return (
    <Box sx={{ maxWidth: 640 }}>
      <PageHead
        title={`Erase ${wearer.name}`}
        above={<TextLink to={`/wearers/${wearer.id}`}>{wearer.name}</TextLink>}
      />
      <Alert severity="warning" sx={{ mb: 2 }}>
        This cannot be undone. It takes away the wearer, {sheets} {sheets === 1 ? "sheet" : "sheets"}
        {jobs.length > 0 ? ` and the jobs ${jobs.join(", ")} with all their prototypes and fittings` : ""}, leaves no
        trace of them in the data file. Backups of this machine are written anew without them; sealed ones, which nobody
        can look into, are dropped. What you copied elsewhere yourself is yours to delete.
      </Alert>
      <Typography sx={{ mb: 2 }}>
        If the wearer wants to keep what is known about them, take it along first:{" "}
        <a href={`/wearers/${wearer.id}/export`} download>
          everything in one file
        </a>
        .
      </Typography>
      <RecordForm
        draftForm={null}
        unsaved={actionData}
        submitLabel="Erase for good"
        beside={<LinkButton to={`/wearers/${wearer.id}`}>Keep them</LinkButton>}
      >
        <TextInput name="typedName" label="Type the name to confirm" hint={wearer.name} />
      </RecordForm>
    </Box>
  );
}
