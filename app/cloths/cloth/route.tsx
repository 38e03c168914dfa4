import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { redirect } from "react-router";
import { adviseDirection, startDirection, summariseTests, untestedDirections } from "../../../core/cloth/index.ts";
import type { Store } from "../../../data/store.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readWorkshopSettings } from "../../.server/read/workshopSettings.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { conflictRow, type Fields } from "../../form/unsaved.ts";
import { BackToJob } from "../../frame/BackToJob.tsx";
import { keepingJob } from "../../frame/fromJob.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { ClothFields } from "../ClothFields.tsx";
import { ClothSettingsContext } from "../ClothSettingsContext.tsx";
import { clothFields, readCloth } from "../clothForm.server.ts";
import { DirectionTable } from "../DirectionTable.tsx";
import { readSwatchTest } from "../swatchForm.server.ts";
import type { Route } from "./+types/route.ts";
import { BeforeCutting } from "./BeforeCutting.tsx";
import { HandTestFields } from "./HandTestFields.tsx";
import { LadderCurves } from "./LadderCurves.tsx";
import { PhotoBox } from "./PhotoBox.tsx";
import { TestHistory } from "./TestHistory.tsx";
import { TestsOverTime } from "./TestsOverTime.tsx";

const clothDraft = (id: number) => draftName("cloth", id);
const testDraft = (id: number) => draftName("hand-test", id);

export const meta: Route.MetaFunction = ({ loaderData }) => [{ title: `${loaderData?.cloth.name ?? "Cloth"} · Stenz` }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const { cloths, drafts } = store;
  const clothSettings = (await readWorkshopSettings(store)).cloth;
  const cloth = found(await cloths.find(idFrom(params.clothId, "cloth")), "cloth");
  const tests = await cloths.testsOf(cloth.id);
  const summaries = summariseTests(tests, cloth.kind, clothSettings);
  return {
    cloth,
    clothSettings,
    direction: startDirection(cloth.kind, tests),
    untested: untestedDirections(cloth.kind, tests),
    tests,
    summaries,
    advice: adviseDirection(cloth.kind, summaries)?.words ?? null,
    today: today(),
    start: clothFields(cloth),
    photoKey: await cloths.photoKey(cloth.id),
    clothDraft: await drafts.find(clothDraft(cloth.id)),
    testDraft: await drafts.find(testDraft(cloth.id)),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.clothId, "cloth");
  const fields = await readFields(request);
  return fields.intent === "test"
    ? addTest(storeOf(context), id, { fields, request })
    : saveCloth(storeOf(context), id, { fields, request });
});

interface Sent {
  readonly fields: Fields;
  readonly request: Request;
}

async function addTest(store: Store, clothId: number, { fields, request }: Sent) {
  const test = readSwatchTest(fields, clothId, today());
  if (!test.ok) return invalid(fields, test.errors);
  await store.inTransaction(async ({ cloths, drafts }) => {
    found(await cloths.find(clothId), "cloth");
    await cloths.addTest(test.value);
    await drafts.drop(testDraft(clothId));
  });
  return redirect(keepingJob(`/cloths/${clothId}`, request));
}

const LABELS = {
  name: "Name",
  kind: "Kind",
  composition: "Composition",
  rollWidth: "Width",
  thickness: "Thickness",
  mass: "Mass",
  shrinkageAlong: "Shrinks along",
  shrinkageAcross: "Shrinks across",
  supplier: "Supplier",
  notes: "Notes",
} as const;

async function saveCloth(store: Store, id: number, { fields, request }: Sent) {
  const cloth = readCloth(fields);
  if (!cloth.ok) return invalid(fields, cloth.errors);
  return store.inTransaction(async ({ cloths, drafts }) =>
    answerEdit(await cloths.save({ id, version: startedFrom(fields), ...cloth.value }), {
      ...{ fields, drafts, draft: clothDraft(id), what: "cloth", to: keepingJob(`/cloths/${id}`, request) },
      rows(theirs) {
        const now = clothFields(theirs);
        return Object.entries(LABELS).map(([name, label]) => conflictRow(fields, name, label, now[name] ?? ""));
      },
    }),
  );
}

export default function ClothPage({ loaderData, actionData }: Route.ComponentProps) {
  const { cloth, tests, summaries, advice } = loaderData;
  const forTest = actionData?.fields.intent === "test";
  return (
    <ClothSettingsContext.Provider value={loaderData.clothSettings}>
      <PageHead
        title={cloth.name}
        above={<TextLink to="/cloths">Cloths</TextLink>}
        below={[cloth.kind, cloth.composition].filter(Boolean).join(", ")}
        actions={
          <>
            <BackToJob step="cloth" />
            <LinkButton to={`/cloths/${cloth.id}/tests/new`} variant="contained">
              Pull a load ladder
            </LinkButton>
            <LinkButton to={`/cloths/${cloth.id}/tests/live`} variant="outlined">
              With the gauge
            </LinkButton>
          </>
        }
      />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "1.6fr 1fr" }, gap: 4, alignItems: "start" }}>
        <Box>
          {summaries.length > 0 ? (
            <DirectionTable summaries={summaries} kind={cloth.kind} />
          ) : (
            <Typography color="text.secondary">Not tested yet: pull a swatch and write down three lengths.</Typography>
          )}
          {advice ? (
            <Typography sx={{ mt: 1.5, mb: 3, borderLeft: 4, borderColor: "secondary.main", pl: 2 }}>
              {advice}
            </Typography>
          ) : null}
          <BeforeCutting cloth={cloth} />
          <LadderCurves summaries={summaries} kind={cloth.kind} />
          <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
            Hand test
          </Typography>
          <RecordForm
            key={`test ${tests.length}`}
            draftForm={testDraft(cloth.id)}
            draft={loaderData.testDraft}
            start={{ testedOn: loaderData.today, gauge: "100", direction: loaderData.direction }}
            unsaved={forTest ? actionData : undefined}
            hidden={{ intent: "test" }}
            submitLabel="Keep this test"
          >
            <HandTestFields kind={cloth.kind} untested={loaderData.untested} />
          </RecordForm>
          <TestsOverTime tests={tests} kind={cloth.kind} />
          <TestHistory tests={tests} kind={cloth.kind} />
        </Box>
        <Box component="section" aria-label="About the cloth">
          <Typography variant="h2" sx={{ mb: 1.5 }}>
            About
          </Typography>
          <RecordForm
            key={cloth.version}
            draftForm={clothDraft(cloth.id)}
            draft={loaderData.clothDraft}
            start={loaderData.start}
            unsaved={forTest ? undefined : actionData}
            hidden={{ version: cloth.version, intent: "cloth" }}
            submitLabel="Save"
            quiet
          >
            <ClothFields />
          </RecordForm>
          <PhotoBox clothId={cloth.id} name={cloth.name} photoKey={loaderData.photoKey} />
        </Box>
      </Box>
    </ClothSettingsContext.Provider>
  );
}
