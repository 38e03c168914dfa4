import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { missingMeasures } from "../../../core/body/index.ts";
import { neededMeasures } from "../../../core/ease/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { conflictRow } from "../../form/unsaved.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { PlainList } from "../../frame/PlainList.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { sheetName } from "../sheetName.ts";
import { WearerFields } from "../WearerFields.tsx";
import { readWearer } from "../wearerForm.server.ts";
import type { Route } from "./+types/route.ts";
import { aboutLine } from "./aboutLine.ts";
import { MeasuresOverTime } from "./MeasuresOverTime.tsx";
import { TakeAlong } from "./TakeAlong.tsx";

const draftOf = (wearerId: number) => draftName("wearer", wearerId);

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.wearer.name ?? "Wearer"} · Stenz` },
];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wearer = found(await store.wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  const [sheets, jobs, draft] = [
    await store.sheets.ofWearer(wearer.id),
    await store.jobs.ofWearer(wearer.id),
    await store.drafts.find(draftOf(wearer.id)),
  ];
  return {
    wearer,
    draft,
    sheets: sheets.map(({ id, takenOn, values, notes }) => ({ id, takenOn, values, notes })),
    liked: (await store.liked.ofWearer(wearer.id)).map(({ id, name, measuredOn }) => ({ id, name, measuredOn })),
    jobs: await Promise.all(
      jobs.map(async (job) => {
        const sheet = sheets.find(({ id }) => id === job.sheetId);
        const style = found(await store.styles.find(job.styleId), "style");
        return {
          id: job.id,
          name: job.name,
          style: style.name,
          missing: missingMeasures(neededMeasures(style), sheet?.values ?? []).length,
        };
      }),
    ),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.wearerId, "wearer");
  const fields = await readFields(request);
  const wearer = readWearer(fields);
  if (!wearer.ok) return invalid(fields, wearer.errors);
  return storeOf(context).inTransaction(async ({ wearers, drafts }) =>
    answerEdit(await wearers.save({ id, version: startedFrom(fields), ...wearer.value }), {
      ...{ fields, drafts, draft: draftOf(id), what: "wearer", to: `/wearers/${id}` },
      rows: (theirs) => [
        conflictRow(fields, "name", "Name", theirs.name),
        conflictRow(fields, "kind", "What they are", theirs.kind),
        {
          name: "child",
          label: "A child",
          yours: fields.child === "yes" ? "yes" : "no",
          theirs: theirs.child ? "yes" : "no",
        },
        conflictRow(fields, "allergies", "Allergies", theirs.allergies),
        conflictRow(fields, "notes", "Notes", theirs.notes),
      ],
    }),
  );
});

export default function WearerPage({ loaderData, actionData }: Route.ComponentProps) {
  const { wearer, sheets, jobs, liked, draft } = loaderData;
  return (
    <>
      <PageHead
        title={wearer.name}
        above={<TextLink to="/wearers">Wearers</TextLink>}
        below={aboutLine(wearer)}
        actions={
          <>
            <LinkButton to={`/jobs/new?wearer=${wearer.id}`} variant="outlined">
              New job
            </LinkButton>
            <LinkButton to={`/wearers/${wearer.id}/sheets/new`} variant="contained">
              Take a sheet
            </LinkButton>
          </>
        }
      />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "1.5fr 1fr" }, gap: 4, alignItems: "start" }}>
        <Box>
          <Typography variant="h2" sx={{ mb: 1 }}>
            Sheets
          </Typography>
          {sheets.length > 0 ? (
            <PlainList
              label="Sheets"
              rows={sheets.map(({ id, takenOn, values, notes }) => ({
                key: id,
                main: <TextLink to={`/sheets/${id}`}>{sheetName({ id, takenOn }, sheets)}</TextLink>,
                side: `${values.length} ${values.length === 1 ? "measure" : "measures"}`,
                more: notes,
              }))}
            />
          ) : (
            <Typography color="text.secondary">No sheet yet. Take one: the garment is planned from it.</Typography>
          )}
          {sheets.length > 1 ? (
            <Typography sx={{ mt: 1 }}>
              <TextLink to={`/wearers/${wearer.id}/compare`}>Two sheets side by side</TextLink>
            </Typography>
          ) : null}
          <MeasuresOverTime sheets={sheets} />
          <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
            Garments that fit
          </Typography>
          <Typography color={liked.length > 0 ? "text.primary" : "text.secondary"}>
            {liked.length > 0 ? `${liked.map(({ name }) => name).join("; ")}. ` : "None measured yet. "}
            <TextLink to={`/wearers/${wearer.id}/garments`}>
              {liked.length > 0 ? "What they say" : "Measure one flat: it tells how tight this wearer likes it"}
            </TextLink>
          </Typography>
          <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
            Body wraps
          </Typography>
          <Typography color="text.secondary">
            <TextLink to={`/wearers/${wearer.id}/wraps`}>Wraps, cut off and flattened</TextLink>: edges, girths and
            seams of a first draft.
          </Typography>
          <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
            Jobs
          </Typography>
          {jobs.length > 0 ? (
            <PlainList
              label="Jobs"
              rows={jobs.map(({ id, name, style, missing }) => ({
                key: id,
                main: <TextLink to={`/jobs/${id}`}>{name}</TextLink>,
                side: style,
                more:
                  missing > 0
                    ? `${missing} ${missing === 1 ? "measure is" : "measures are"} still missing`
                    : "all measures taken",
              }))}
            />
          ) : (
            <Typography color="text.secondary">No job yet.</Typography>
          )}
        </Box>
        <Box component="section" aria-label="About the wearer">
          <Typography variant="h2" sx={{ mb: 1.5 }}>
            About
          </Typography>
          <RecordForm
            key={wearer.version}
            draftForm={draftOf(wearer.id)}
            draft={draft}
            start={{
              name: wearer.name,
              kind: wearer.kind,
              child: wearer.child ? "yes" : "",
              allergies: wearer.allergies,
              notes: wearer.notes,
            }}
            unsaved={actionData}
            hidden={{ version: wearer.version }}
            submitLabel="Save"
            quiet
          >
            <WearerFields />
          </RecordForm>
          <TakeAlong wearerId={wearer.id} />
        </Box>
      </Box>
    </>
  );
}
