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
import { classRange, stretchClassOf } from "../../../core/cloth/index.ts";
import { FINDING_KINDS, findingKindOf, isFindingKindId, isSpotId, SPOTS, spotOf } from "../../../core/fitting/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { plainField } from "../../form/plainField.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import type { Route } from "./+types/route.ts";

/** A usable stretch in the middle of each class, to name the class by. */
const CLASSES = [
  { id: "stable", usable: 0.1 },
  { id: "light", usable: 0.2 },
  { id: "moderate", usable: 0.4 },
  { id: "high", usable: 0.6 },
  { id: "power", usable: 0.9 },
] as const;

export const meta = () => [{ title: "Findings · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const asked = new URL(request.url).searchParams;
  const words = (asked.get("q") ?? "").slice(0, 120);
  const kind = asked.get("kind") ?? "";
  const spot = asked.get("spot") ?? "";
  const stretch = CLASSES.find(({ id }) => id === asked.get("stretch")) ?? null;
  const found = await storeOf(context).searchFindings({
    words,
    kind: isFindingKindId(kind) ? kind : null,
    spot: isSpotId(spot) ? spot : null,
    usable: stretch ? classRange(stretch.usable) : null,
  });
  return { asked: { words, kind, spot, stretch: stretch?.id ?? "" }, found };
});

export default function Findings({ loaderData }: Route.ComponentProps) {
  const { asked, found } = loaderData;
  return (
    <>
      <PageHead
        title="Findings"
        below="Everything ever found in this workshop: what was seen, what was taken, what it did. “Sway back”, in soft knits …"
      />
      <Form method="get" role="search">
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mb: 2, alignItems: "center" }}>
          <Box sx={{ width: 260 }}>
            <TextField name="q" type="search" label="Words" defaultValue={asked.words} />
          </Box>
          <Choice
            name="kind"
            label="Seen"
            value={asked.kind}
            options={FINDING_KINDS.map(({ id, name }) => [id, name])}
          />
          <Choice name="spot" label="Where" value={asked.spot} options={SPOTS.map(({ id, name }) => [id, name])} />
          <Choice
            name="stretch"
            label="Stretch of the cloth"
            value={asked.stretch}
            options={CLASSES.map(({ id, usable }) => [id, stretchClassOf(usable)])}
          />
          <Button type="submit" variant="outlined">
            Search
          </Button>
        </Box>
      </Form>
      {found.rows.length === 0 ? (
        <EmptyState title="Nothing like that">
          Findings come from fittings: tap the figure where something is seen. Try fewer words, or another place.
        </EmptyState>
      ) : (
        <>
          <Typography sx={{ mb: 1 }}>
            {found.more ? `more than ${found.total}` : found.total} found
            {found.total > found.rows.length ? `; the newest ${found.rows.length} are shown` : ""}.
          </Typography>
          <Results rows={found.rows} />
        </>
      )}
    </>
  );
}

interface ChoiceProps {
  readonly name: string;
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [string, string])[];
}

function Choice({ name, label, value, options }: ChoiceProps) {
  return (
    <Box
      component="select"
      name={name}
      aria-label={label}
      key={value}
      defaultValue={value}
      sx={{ ...plainField, maxWidth: 220 }}
    >
      <option value="">{label}: any</option>
      {options.map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </Box>
  );
}

function Results({ rows }: { rows: Route.ComponentProps["loaderData"]["found"]["rows"] }) {
  const lengths = useLengths();
  return (
    <Paper sx={{ overflowX: "auto" }}>
      <Table aria-label="Findings" size="small">
        <TableHead>
          <TableRow>
            <TableCell>Seen</TableCell>
            <TableCell align="right">Read</TableCell>
            <TableCell>Done</TableCell>
            <TableCell>What it did</TableCell>
            <TableCell>Note</TableCell>
            <TableCell>Job</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.map((row) => (
            <TableRow key={row.id}>
              <TableCell component="th">
                {findingKindOf(row.kind).name}, {spotOf(row.spot).name.toLowerCase()}
                {row.side === "both" ? "" : `, ${row.side}`}
                {row.usable === null ? null : (
                  <Box sx={{ color: "text.secondary", fontSize: "0.85rem" }}>{stretchClassOf(row.usable)} stretch</Box>
                )}
              </TableCell>
              <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                {row.amountMm === null ? "—" : lengths.amount(row.amountMm)}
              </TableCell>
              <TableCell>
                <Done row={row} />
              </TableCell>
              <TableCell>
                {row.verdict ?? "—"}
                {row.residualMm === null || row.residualMm === 0
                  ? ""
                  : row.residualMm > 0
                    ? `, ${lengths.amount(row.residualMm)} left`
                    : `, ${lengths.amount(-row.residualMm)} too far`}
              </TableCell>
              <TableCell sx={{ color: "text.secondary", maxWidth: 260 }}>{row.note}</TableCell>
              <TableCell>
                <TextLink to={`/jobs/${row.jobId}/prototypes/${row.prototype}/fitting?fitting=${row.fittingId}`}>
                  {row.jobName}
                </TextLink>
                <Box sx={{ color: "text.secondary", fontSize: "0.85rem" }}>
                  {row.wearerName}, prototype {row.prototype}, {formatDay(row.fittedOn)}
                </Box>
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}

type FoundRow = Route.ComponentProps["loaderData"]["found"]["rows"][number];

/** What was done about a finding: how much, at which line, on which pieces. */
function Done({ row }: { row: FoundRow }) {
  const lengths = useLengths();
  if (row.decision === null) return <>no word</>;
  if (row.decision === "refused") return <>refused</>;
  if (row.decision === "waiting") return <>put off</>;
  return (
    <>
      {row.changeMm === null ? row.line : <strong>{lengths.difference(row.changeMm)}</strong>}
      <Box sx={{ color: "text.secondary", fontSize: "0.85rem" }}>
        {[row.changeMm === null ? "" : row.line, row.pieces].filter((words) => words !== "").join(", ")}
        {row.share !== null && row.changeMm !== null ? `; share ${Number(row.share.toFixed(2))}` : ""}
      </Box>
    </>
  );
}
