import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { stateWords } from "../../../core/cloth/cloth.ts";
import { evaluateTest } from "../../../core/cloth/evaluateTest.ts";
import { explainStepStrain, explainStepTension } from "../../../core/cloth/explainLadder.ts";
import { type LoadLadder, stepTension } from "../../../core/cloth/loadLadder.ts";
import { stretchClassOf } from "../../../core/cloth/stretchClass.ts";
import { formatDay } from "../../../core/units/day.ts";
import { LadderView } from "../../components/cloth/LadderView.tsx";
import { numbered } from "../../components/numbered.ts";
import { PageHead } from "../../components/PageHead.tsx";
import { SideBySide } from "../../components/SideBySide.tsx";
import { TextLink } from "../../components/TextLink.tsx";
import { percent } from "../../components/units/percent.ts";
import { Why } from "../../components/why/WhyDrawer.tsx";
import { found, idFrom, storeOf } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
import type { Route } from "./+types/route.ts";

export const meta = () => [{ title: "Swatch test · Stenz" }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const { cloths } = storeOf(context);
  const test = found(await cloths.findTest(idFrom(params.testId, "test")), "test");
  return { test, cloth: found(await cloths.find(test.clothId), "cloth") };
});

export default function SwatchTestPage({ loaderData }: Route.ComponentProps) {
  const { test, cloth } = loaderData;
  const result = evaluateTest(test, cloth.kind);
  const { hand } = test;
  return (
    <>
      <PageHead
        title={`Pulled ${test.direction}, ${formatDay(test.testedOn)}`}
        above={<TextLink to={`/cloths/${cloth.id}`}>{cloth.name}</TextLink>}
        below={`${stateWords(test)}${test.look ? `, the cells ${test.look === "narrow" ? "draw narrow" : "open wide"}` : ""}. A test is never changed: a newer one counts instead.`}
      />
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
    </>
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
