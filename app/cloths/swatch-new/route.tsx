import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { redirect } from "react-router";
import { evaluateTest, untestedDirections } from "../../../core/cloth/index.ts";
import { found, idFrom, invalid, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readWorkshopSettings } from "../../.server/read/workshopSettings.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { withRows } from "../../form/rows/withRows.ts";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { SideBySide } from "../../frame/SideBySide.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { ClothSettingsContext, useClothSettings } from "../ClothSettingsContext.tsx";
import { LadderFields } from "../LadderFields.tsx";
import { LadderView } from "../LadderView.tsx";
import { ladderDraft, readLadder, STEPS } from "../ladderForm.ts";
import { SwatchHead } from "../SwatchHead.tsx";
import { readSwatchTest } from "../swatchForm.server.ts";
import type { Route } from "./+types/route.ts";

/** Steps that stand ready. */
const READY_STEPS = 6;

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Swatch of ${loaderData?.cloth.name ?? ""} · Stenz` },
];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const { cloths, drafts } = store;
  const cloth = found(await cloths.find(idFrom(params.clothId, "cloth")), "cloth");
  const width = cloth.kind === "elastic" && cloth.rollWidthMm !== null ? cloth.rollWidthMm : 50;
  const tests = await cloths.testsOf(cloth.id);
  const filled: Fields = {
    testedOn: today(),
    gauge: "100",
    // Which way it was pulled is not answered for her: last time says nothing of this swatch. An elastic has one way.
    direction: cloth.kind === "elastic" ? "along" : "",
    "ladder.width": String(width),
    "ladder.gauge": "100",
  };
  const clothSettings = (await readWorkshopSettings(store)).cloth;
  return {
    cloth,
    start: withRows(filled, STEPS, "force", READY_STEPS),
    clothSettings,
    untested: untestedDirections(cloth.kind, tests),
    draft: await drafts.find(ladderDraft(cloth.id)),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const clothId = idFrom(params.clothId, "cloth");
  const fields = await readFields(request);
  const test = readSwatchTest(fields, clothId, today());
  if (!test.ok) return invalid(fields, test.errors);
  const id = await storeOf(context).inTransaction(async ({ cloths, drafts }) => {
    found(await cloths.find(clothId), "cloth");
    await drafts.drop(ladderDraft(clothId));
    return cloths.addTest(test.value);
  });
  return redirect(`/tests/${id}`);
});

export default function NewSwatch({ loaderData, actionData }: Route.ComponentProps) {
  const { cloth, start, draft } = loaderData;
  const [texts, setTexts] = useState<Fields>(actionData?.fields ?? draft ?? start);
  return (
    <ClothSettingsContext.Provider value={loaderData.clothSettings}>
      <PageHead
        title="Load ladder"
        above={<TextLink to={`/cloths/${cloth.id}`}>{cloth.name}</TextLink>}
        below="Load after load, and what the gauge reads. A hand test beside it is enough for planning; the ladder also tells how hard it pulls."
      />
      <SideBySide>
        <Box>
          <RecordForm
            draftForm={ladderDraft(cloth.id)}
            draft={draft}
            start={start}
            unsaved={actionData}
            submitLabel="Keep this test"
          >
            <SwatchHead kind={cloth.kind} untested={loaderData.untested} />
            <Typography variant="h2" sx={{ mt: 1, mb: 1.5 }}>
              Ladder
            </Typography>
            <LadderFields onTexts={setTexts} />
            <Typography variant="h2" sx={{ mt: 3, mb: 1.5 }}>
              By hand, beside it
            </Typography>
            <Box sx={{ display: "grid", gridTemplateColumns: "repeat(3, 1fr)", gap: 2 }}>
              <TextInput name="gauge" label="Gauge at rest" numeric suffix="mm" />
              <TextInput name="stretched" label="Stretched" hint="Comfortable limit." numeric suffix="mm" />
              <TextInput name="after" label="After 60 s" hint="Let go, wait." numeric suffix="mm" />
            </Box>
            <TextInput name="note" label="Note" />
          </RecordForm>
        </Box>
        <Box sx={{ position: { md: "sticky" }, top: 12 }}>
          <LiveLadder texts={texts} kind={cloth.kind} />
        </Box>
      </SideBySide>
    </ClothSettingsContext.Provider>
  );
}

function LiveLadder({ texts, kind }: { texts: Fields; kind: Route.ComponentProps["loaderData"]["cloth"]["kind"] }) {
  const settings = useClothSettings();
  const ladder = readLadder(texts);
  const result = ladder ? evaluateTest({ hand: null, ladder }, kind, settings) : null;
  return result?.ok ? (
    <LadderView result={result.value} kind={kind} label="Tension over strain, as it is typed" />
  ) : (
    <Typography
      color="text.secondary"
      sx={{ border: "1.5px dashed", borderColor: "divider", p: 4, textAlign: "center" }}
    >
      The curve is drawn here as you type: one load and its gauge length are enough to begin.
    </Typography>
  );
}
