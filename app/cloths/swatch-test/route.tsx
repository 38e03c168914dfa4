import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { redirect } from "react-router";
import { countingAlone, evaluateTest, stateWords, stretchClassOf } from "../../../core/cloth/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { found, idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readWorkshopSettings } from "../../.server/read/workshopSettings.ts";
import { readFields } from "../../form/fields.server.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { SideBySide } from "../../frame/SideBySide.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { ClothSettingsContext } from "../ClothSettingsContext.tsx";
import { LadderView } from "../LadderView.tsx";
import type { Route } from "./+types/route.ts";
import { StepTable } from "./StepTable.tsx";
import { strikeDraft } from "./strikeDraft.ts";
import { readStrike, readTurn } from "./testForm.server.ts";
import { Wrong } from "./WrongTest.tsx";

export const meta = () => [{ title: "Swatch test · Stenz" }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const test = found(await store.cloths.findTest(idFrom(params.testId, "test")), "test");
  return {
    test,
    cloth: found(await store.cloths.find(test.clothId), "cloth"),
    clothSettings: (await readWorkshopSettings(store)).cloth,
    draft: await store.drafts.find(strikeDraft(test.id)),
  };
});

/** A wrong test is struck out with a reason, or let stand again; one under the wrong direction is put right. */
export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.testId, "test");
  const fields = await readFields(request);
  return storeOf(context).inTransaction(async ({ cloths, drafts }) => {
    const test = found(await cloths.findTest(id), "test");
    if (fields.intent === "turn") {
      const turned = readTurn(fields);
      if (!turned.ok) return invalid(fields, turned.errors);
      await cloths.turnTest(test.id, turned.value.direction);
    } else if (fields.intent === "restore") await cloths.strikeTest(test.id, null);
    else {
      const struck = readStrike(fields);
      if (!struck.ok) return invalid(fields, struck.errors);
      await cloths.strikeTest(test.id, struck.value.reason);
      await drafts.drop(strikeDraft(test.id));
    }
    return redirect(`/tests/${test.id}`);
  });
});

export default function SwatchTestPage({ loaderData, actionData }: Route.ComponentProps) {
  const { test, cloth, clothSettings } = loaderData;
  const result = evaluateTest(test, cloth.kind, clothSettings);
  const { hand } = test;
  return (
    <ClothSettingsContext.Provider value={clothSettings}>
      <PageHead
        title={`Pulled ${test.direction}, ${formatDay(test.testedOn)}`}
        above={<TextLink to={`/cloths/${cloth.id}`}>{cloth.name}</TextLink>}
        below={`${stateWords(test)}${test.look ? `, the cells ${test.look === "narrow" ? "draw narrow" : "open wide"}` : ""}. Its readings are never changed: a newer test counts instead.${test.directionWas === null ? "" : ` First written down as pulled ${test.directionWas}.`}`}
      />
      {test.struck === null ? null : (
        <Alert severity="warning" sx={{ mb: 2 }}>
          Struck out, it does not count: {test.struck}
        </Alert>
      )}
      <SideBySide left={1.2}>
        {result.ok ? (
          <LadderView
            summary={{
              direction: test.direction,
              ...countingAlone(test, result.value),
              stretchClass: stretchClassOf(result.value.usable),
            }}
            result={result.value}
            kind={cloth.kind}
            label={`Tension over strain, ${test.direction}`}
          />
        ) : (
          <Typography>{result.problem.message}</Typography>
        )}
        <Box>
          {hand ? (
            <Typography sx={{ mb: 2 }}>
              By hand: {hand.gaugeMm} → {hand.stretchedMm} mm
              {hand.afterMm === null ? ", not read after 60 s" : `, after 60 s ${hand.afterMm} mm`}
            </Typography>
          ) : null}
          {test.ladder ? <StepTable ladder={test.ladder} /> : null}
          {test.note ? <Typography sx={{ mt: 2 }}>{test.note}</Typography> : null}
        </Box>
      </SideBySide>
      <Wrong key={`${test.direction} ${test.struck}`} test={test} draft={loaderData.draft} unsaved={actionData} />
    </ClothSettingsContext.Provider>
  );
}
