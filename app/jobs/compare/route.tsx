import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { explainDerived } from "../../../core/ease/index.ts";
import {
  comparePrototypes,
  derivedFromRing,
  type Finding,
  findingKindOf,
  ringKey,
  ringName,
  spotOf,
} from "../../../core/fitting/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { recordOfPage } from "../../.server/read/jobRecord.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { SideBySide } from "../../frame/SideBySide.tsx";
import { percent } from "../../frame/units/percent.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { PrototypeNav } from "../prototypes/PrototypeNav.tsx";
import type { Route } from "./+types/route.ts";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { job, prototypes, fittings } = await recordOfPage(context, params.jobId);
  const asked = new URL(request.url).searchParams;
  const pick = (name: string, usual: number) =>
    prototypes.find(({ number }) => String(number) === asked.get(name)) ?? prototypes.at(usual) ?? null;
  const [one, other] = [pick("a", -2), pick("b", -1)];
  const inOrder = one && other && one.number > other.number ? [other, one] : [one, other];
  const [a, b] = inOrder;
  return {
    job: { id: job.id, name: job.name },
    numbers: prototypes.map(({ number, startedOn }) => ({ number, startedOn })),
    pair: a && b && a.number !== b.number ? { a: a.number, b: b.number, ...comparePrototypes(a, b, fittings) } : null,
  };
});

export default function JobCompare({ loaderData }: Route.ComponentProps) {
  const { job, numbers, pair } = loaderData;
  return (
    <>
      <PageHead
        title="Two prototypes side by side"
        below="What changed in the plan, what was found, what was cured, what is still open."
      />
      <PrototypeNav jobId={job.id} />
      {numbers.length < 2 || !pair ? (
        <EmptyState title="Only one so far">
          With a second prototype, the two are laid beside one another here.
        </EmptyState>
      ) : (
        <>
          <Form method="get">
            <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", mb: 2, flexWrap: "wrap" }}>
              {(["a", "b"] as const).map((name) => (
                <TextField
                  key={name}
                  select
                  name={name}
                  label="Prototype"
                  defaultValue={pair[name]}
                  slotProps={{ select: { native: true } }}
                  sx={{ width: "auto" }}
                >
                  {numbers.map(({ number, startedOn }) => (
                    <option key={number} value={number}>
                      {number}, {formatDay(startedOn)}
                    </option>
                  ))}
                </TextField>
              ))}
              <Button type="submit" variant="outlined">
                Lay side by side
              </Button>
            </Box>
          </Form>
          <Pair pair={pair} />
        </>
      )}
    </>
  );
}

/** What the strains of frozen plans rest on. */
const SOURCES = { body: "sheet frozen with it", garment: "frozen plan", cloth: "test frozen with it" };

type PairData = NonNullable<Route.ComponentProps["loaderData"]["pair"]>;

function Pair({ pair }: { pair: PairData }) {
  const lengths = useLengths();
  return (
    <>
      <Paper sx={{ overflowX: "auto", mb: 3 }}>
        <Table aria-label={`Prototypes ${pair.a} and ${pair.b}`} size="small">
          <TableHead>
            <TableRow>
              <TableCell>Girth, {lengths.unit}</TableCell>
              {[pair.a, pair.b].map((number) => (
                <TableCell key={number} align="right">
                  {number}: planned / sewn
                </TableCell>
              ))}
              <TableCell align="right">Plan changed</TableCell>
              <TableCell align="right">Strain in {pair.a}</TableCell>
              <TableCell align="right">in {pair.b}</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {pair.rings.map((ring) => (
              <TableRow key={ringKey(ring)}>
                <TableCell component="th">{ringName(ring)}</TableCell>
                {[ring.a, ring.b].map((girth, index) => (
                  <TableCell key={index === 0 ? "a" : "b"} align="right">
                    {girth ? lengths.bare(girth.plannedMm) : "—"} / {girth?.sewnMm ? lengths.bare(girth.sewnMm) : "—"}
                  </TableCell>
                ))}
                <TableCell align="right" sx={{ fontWeight: 700 }}>
                  {ring.a && ring.b && ring.a.plannedMm !== ring.b.plannedMm
                    ? lengths.difference(ring.b.plannedMm - ring.a.plannedMm)
                    : "—"}
                </TableCell>
                {[ring.a, ring.b].map((girth, index) => (
                  <TableCell key={index === 0 ? "strain a" : "strain b"} align="right">
                    {girth ? (
                      <Why
                        label={`${ringName(ring)}, strain in ${index === 0 ? pair.a : pair.b}`}
                        explain={() => explainDerived("strain", derivedFromRing(girth.ring, girth.stretch, SOURCES))}
                      >
                        {percent(girth.ring.consequences.strain)}
                      </Why>
                    ) : (
                      "—"
                    )}
                  </TableCell>
                ))}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Paper>
      <SideBySide>
        <Findings title={`Found on prototype ${pair.a}`} findings={pair.foundAtA} />
        <Findings title={`Found on prototype ${pair.b}`} findings={pair.foundAtB} />
      </SideBySide>
      <SideBySide>
        <Findings title={`Judged since ${pair.a}`} findings={pair.judged} />
        <Findings title={`Still open from ${pair.a}`} findings={pair.stillOpen} />
      </SideBySide>
      <Typography variant="h2" sx={{ mt: 2, mb: 1 }}>
        Changes that {pair.b} carries and {pair.a} did not
      </Typography>
      {pair.changes.length === 0 ? (
        <Typography color="text.secondary">None.</Typography>
      ) : (
        <ul>
          {pair.changes.map(({ changeId, zone, spot, amountMm, line, why }) => (
            <li key={changeId}>
              {spotOf(spot ?? zone).name}: {amountMm === null ? (line ?? "work") : lengths.difference(amountMm)}
              {why ? `, for ${why.toLowerCase()}` : ""}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

function Findings({ title, findings }: { title: string; findings: readonly Finding[] }) {
  const lengths = useLengths();
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {title}
      </Typography>
      {findings.length === 0 ? <Typography color="text.secondary">Nothing.</Typography> : null}
      <Box component="ul" sx={{ pl: 2.5, mt: 0 }}>
        {findings.map(({ id, kind, spot, side, amountMm, judgement }) => (
          <li key={id}>
            {findingKindOf(kind).name}, {spotOf(spot).name.toLowerCase()}
            {side === "both" ? "" : `, ${side}`}
            {amountMm === null ? "" : `, ${lengths.amount(amountMm)}`}
            {judgement ? <strong>: {judgement.verdict}</strong> : null}
          </li>
        ))}
      </Box>
    </Box>
  );
}
