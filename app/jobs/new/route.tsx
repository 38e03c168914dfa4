import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { redirect } from "react-router";
import { STYLES, type StyleId, styleFromOwn } from "../../../core/ease/index.ts";
import { newJob } from "../../../core/job/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { group, line, reference } from "../../../formats/form/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { found, idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { Pages } from "../../frame/Pages.tsx";
import { PlainList } from "../../frame/PlainList.tsx";
import { SearchBox } from "../../frame/SearchBox.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";

const readTyped = formReader(
  group({ name: line("a name for the job"), style: line("a style"), wearer: reference("a wearer") }),
);
const draftOf = (wearerId: number) => draftName("job-new", wearerId);

export const meta = () => [{ title: "New job · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wearerText = new URL(request.url).searchParams.get("wearer");
  if (wearerText) {
    const wearer = found(await store.wearers.find(idFrom(wearerText, "wearer")), "wearer");
    const styles = [...STYLES, ...(await store.styles.own()).map(styleFromOwn)];
    return { wearer, styles, draft: await store.drafts.find(draftOf(wearer.id)), wearers: null, search: "" };
  }
  const query = listQuery(request);
  return { wearer: null, styles: [], draft: null, wearers: await store.wearers.list(query), search: query.search };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const read = readTyped(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const { name, wearer: wearerId } = read.value;
  const store = storeOf(context);
  const style = await store.styles.find(read.value.style as StyleId);
  if (!style) return invalid(fields, { style: "Expected one of the styles shown." });
  const jobId = await store.inTransaction(async ({ jobs, wearers, sheets, drafts }) => {
    found(await wearers.find(wearerId), "wearer");
    const [newest] = await sheets.ofWearer(wearerId);
    await drafts.drop(draftOf(wearerId));
    return jobs.add(
      newJob({
        name,
        styleId: style.id,
        wearerId,
        sheetId: newest?.id ?? null,
        girthDirection: style.usualDirection,
      }),
    );
  });
  return redirect(`/jobs/${jobId}`);
});

export default function NewJob({ loaderData, actionData }: Route.ComponentProps) {
  const { wearer, wearers, styles, search, draft } = loaderData;
  if (!wearer) return <ChooseWearer wearers={wearers} search={search} />;
  return (
    <Box sx={{ maxWidth: 560 }}>
      <PageHead title={`New job for ${wearer.name}`} above={<TextLink to="/jobs/new">Another wearer</TextLink>} />
      <RecordForm
        draftForm={draftOf(wearer.id)}
        draft={draft}
        unsaved={actionData}
        hidden={{ wearer: wearer.id }}
        submitLabel="Start the job"
      >
        <ChoiceInput
          name="style"
          legend="Style"
          unpicked
          choices={styles.map(({ id, name, summary }) => ({
            value: id,
            label: `${name}: ${summary.toLowerCase()}`,
          }))}
        />
        <Typography sx={{ mt: -1, mb: 2, fontSize: "0.9rem" }}>
          Not quite? <TextLink to="/styles">Copy a style and change it</TextLink>.
        </Typography>
        <TextInput name="name" label="Name of the job" hint="For example: high-waisted brief." required />
      </RecordForm>
    </Box>
  );
}

function ChooseWearer({ wearers, search }: { wearers: Awaited<ReturnType<typeof loader>>["wearers"]; search: string }) {
  return (
    <Box sx={{ maxWidth: 900 }}>
      <PageHead title="New job: who is it for?" actions={<LinkButton to="/wearers/new">Add a wearer</LinkButton>} />
      <SearchBox label="Search by name" search={search} />
      {wearers && wearers.total > 0 ? (
        <>
          <PlainList
            label="Wearers"
            rows={wearers.rows.map(({ id, name, kind, notes }) => ({
              key: id,
              main: <TextLink to={`/jobs/new?wearer=${id}`}>{name}</TextLink>,
              side: kind === "form" ? "dress form" : "person",
              more: notes,
            }))}
          />
          <Pages page={wearers.page} pageCount={wearers.pageCount} query={search ? { q: search } : {}} />
        </>
      ) : (
        <Typography color="text.secondary">
          {search ? `No wearer has “${search}” in the name.` : "Add a wearer first."}
        </Typography>
      )}
    </Box>
  );
}
