import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { Form, redirect } from "react-router";
import {
  DIRECTION_NAMES,
  DIRECTIONS,
  evaluateTest,
  explainStepStrain,
  explainStepTension,
  type LoadLadder,
  type SwatchTest,
  stateWords,
  stepTension,
  stretchClassOf,
} from "../../../core/cloth/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { found, idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readWorkshopSettings } from "../../.server/read/workshopSettings.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { numbered } from "../../frame/numbered.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { SideBySide } from "../../frame/SideBySide.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { percent } from "../../frame/units/percent.ts";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { ClothSettingsContext } from "../ClothSettingsContext.tsx";
import { LadderView } from "../LadderView.tsx";
import type { Route } from "./+types/route.ts";

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

const strikeDraft = (testId: number): string => `strike-test:${testId}`;

/** Longest reason for striking a test out. */
const LONGEST_REASON = 400;

/** A wrong test is struck out with a reason, or let stand again; one under the wrong direction is put right. */
export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.testId, "test");
  const fields = await readFields(request);
  return storeOf(context).inTransaction(async ({ cloths, drafts }) => {
    const test = found(await cloths.findTest(id), "test");
    if (fields.intent === "turn") {
      const direction = DIRECTIONS.find((one) => one === fields.direction);
      if (!direction) return invalid(fields, { direction: "Expected the direction it was really pulled in." });
      await cloths.turnTest(test.id, direction);
    } else if (fields.intent === "restore") await cloths.strikeTest(test.id, null);
    else {
      const reason = (fields.reason ?? "").trim();
      if (reason === "" || reason.length > LONGEST_REASON) {
        return invalid(fields, { reason: `Expected why it does not count, in up to ${LONGEST_REASON} signs.` });
      }
      await cloths.strikeTest(test.id, reason);
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
              test,
              ...result.value,
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

interface WrongProps {
  readonly test: SwatchTest;
  readonly draft: Fields | null;
  readonly unsaved: Unsaved | undefined;
}

/** Where a test was written down wrongly: under the wrong direction, or not to be trusted at all. */
function Wrong({ test, draft, unsaved }: WrongProps) {
  const intent = unsaved?.fields.intent;
  const others = DIRECTIONS.filter((direction) => direction !== test.direction);
  return (
    <Box component="section" aria-label="Wrong?" className="no-print" sx={{ mt: 4, maxWidth: 720 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Wrong?
      </Typography>
      <Form method="post" preventScrollReset>
        <input type="hidden" name="intent" value="turn" />
        <Box sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap", mb: 2 }}>
          <span>It was not pulled {test.direction}, but</span>
          {others.map((direction) => (
            <Button key={direction} type="submit" name="direction" value={direction} variant="outlined">
              {DIRECTION_NAMES[direction].toLowerCase()}
            </Button>
          ))}
        </Box>
      </Form>
      {test.struck === null ? (
        <RecordForm
          draftForm={strikeDraft(test.id)}
          draft={draft}
          unsaved={intent === "strike" ? unsaved : undefined}
          hidden={{ intent: "strike" }}
          submitLabel="Strike this test out"
          quiet
        >
          <TextInput name="reason" label="Why it does not count" hint="It is kept, and no plan rests on it any more." />
        </RecordForm>
      ) : (
        <Form method="post" preventScrollReset>
          <Button type="submit" name="intent" value="restore" variant="outlined">
            Let it count again
          </Button>
        </Form>
      )}
    </Box>
  );
}

function StepTable({ ladder }: { ladder: LoadLadder }) {
  return (
    <Paper sx={{ overflowX: "auto" }}>
      <Table aria-label="Steps of the ladder" size="small">
        <TableHead>
          <TableRow>
            <TableCell>
              {ladder.form === "loop" ? "Loop" : "Strip"} of {ladder.widthMm} mm
            </TableCell>
            <TableCell align="right">Load, N</TableCell>
            <TableCell align="right">Gauge, mm</TableCell>
            <TableCell align="right">Strain</TableCell>
            <TableCell align="right">Tension, N/m</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {numbered(ladder.steps).map(({ cycle, phase, forceN, lengthMm, number }) => (
            <TableRow key={number}>
              <TableCell component="th">
                {number}. {phase === "load" ? "loading" : "way back"}
                {cycle > 1 ? `, cycle ${cycle}` : ""}
              </TableCell>
              <TableCell align="right">{forceN}</TableCell>
              <TableCell align="right">{lengthMm}</TableCell>
              <TableCell align="right">
                <Why label={`Step ${number}, strain`} explain={() => explainStepStrain(ladder, { lengthMm })}>
                  {percent(lengthMm / ladder.gaugeMm - 1)}
                </Why>
              </TableCell>
              <TableCell align="right">
                <Why label={`Step ${number}, tension`} explain={() => explainStepTension(ladder, { forceN })}>
                  {stepTension(ladder, forceN).toFixed(1)}
                </Why>
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}
