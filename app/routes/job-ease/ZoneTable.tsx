import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import type { Theme } from "@mui/material/styles";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import type { Consequences } from "../../../core/ease/consequences.ts";
import type { EaseNumber } from "../../../core/ease/explain/numbers.ts";
import type { PassVerdict } from "../../../core/ease/passOver.ts";
import type { RingVerdict, ZonePlan } from "../../../core/ease/planStyle.ts";
import { SCHOOLS } from "../../../core/ease/schools/index.ts";
import type { SchoolId } from "../../../core/ease/schools/school.ts";
import { stretchStepOf } from "../../../core/ease/stretchStep.ts";
import { ZONE_NAMES } from "../../../core/ease/zones.ts";
import type { Explanation } from "../../../core/explain/explanation.ts";
import { StretchMark } from "../../components/stretch/StretchMark.tsx";
import { percent } from "../../components/units/percent.ts";
import { type LengthWriter, useLengths } from "../../components/units/UnitContext.tsx";
import { visuallyHidden } from "../../components/visuallyHidden.ts";
import { Why } from "../../components/why/WhyDrawer.tsx";

interface ZoneTableProps {
  readonly zonePlan: ZonePlan;
  readonly pullOn: Readonly<Record<SchoolId, readonly RingVerdict[]>>;
  readonly chosen: SchoolId | null;
  readonly explain: (number: EaseNumber, school: SchoolId) => Explanation | null;
}

interface Row {
  readonly number: EaseNumber;
  readonly name: string;
  write(consequences: Consequences, lengths: LengthWriter): string;
}

const ROWS: readonly Row[] = [
  { number: "garment", name: "Garment girth", write: ({ garmentMm }, lengths) => lengths.bare(garmentMm) },
  { number: "flat", name: "Flat, half", write: ({ flatMm }, lengths) => lengths.bare(flatMm) },
  { number: "quarter", name: "Quarter", write: ({ quarterMm }, lengths) => lengths.bare(quarterMm) },
  { number: "ease", name: "Ease", write: ({ easeMm }, lengths) => lengths.difference(easeMm) },
  { number: "reduction", name: "Reduction (cut)", write: ({ reduction }) => percent(reduction) },
  { number: "strain", name: "Strain (worn)", write: ({ strain }) => percent(strain) },
  {
    number: "shareUsed",
    name: "Share of stretch",
    write: ({ shareUsed }) => (shareUsed === null ? "no stretch" : percent(shareUsed)),
  },
  {
    number: "grown",
    name: "After growth",
    write: ({ grownGarmentMm }, lengths) =>
      grownGarmentMm === null ? "recovery not read" : lengths.bare(grownGarmentMm),
  },
];

const VERDICT_WORDS: Readonly<Record<PassVerdict, string>> = {
  goes: "goes on",
  hard: "hard to get on",
  closure: "needs a closure",
};

/** One zone with what every school would cut and what each would do; the chosen school's column is framed. */
export function ZoneTable({ zonePlan, pullOn, chosen, explain }: ZoneTableProps) {
  const lengths = useLengths();
  const { zone, body, smallerSide, bySchool } = zonePlan;
  const zoneName = ZONE_NAMES[zone];
  const ring = pullOn.share.find((verdict) => verdict.ring === zone);
  return (
    <Paper component="section" aria-label={zoneName} sx={{ position: "relative", overflowX: "auto", minWidth: 0 }}>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1.5, px: 1.5, pt: 1.25 }}>
        <Typography variant="h2">{zoneName}</Typography>
        <Box sx={{ color: "text.secondary" }}>
          body{" "}
          <Box component="span" sx={{ fontWeight: 650, color: "text.primary" }}>
            <Why label={`${zoneName}, body`} explain={() => explain("body", "share")}>
              {lengths.length(body.snugMm)}
            </Why>
          </Box>
          {body.side === "single" ? null : ` (${body.side})`}
          {smallerSide
            ? `; ${smallerSide.side} ${lengths.length(smallerSide.snugMm)}, looser by ${lengths.amount(body.snugMm - smallerSide.snugMm)}`
            : null}
        </Box>
      </Box>
      <Table
        size="small"
        aria-label={`${zoneName} by school`}
        sx={{
          "& th, & td": { px: 1.25, py: 0.6 },
          "& tbody th, & tbody td": { whiteSpace: "nowrap" },
          "& tr:last-child > *": { borderBottom: 0 },
        }}
      >
        <TableHead>
          <TableRow>
            <TableCell sx={{ color: "text.secondary" }}>garment, {lengths.unit}</TableCell>
            {SCHOOLS.map(({ id, name }) => (
              <TableCell key={id} align="right" sx={columnStyle(id === chosen)}>
                {name}
                {id === chosen ? <Box sx={visuallyHidden}>, chosen</Box> : null}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {ROWS.map(({ number, name, write }) => (
            <TableRow key={number}>
              <TableCell component="th">{name}</TableCell>
              {SCHOOLS.map(({ id }) => (
                <TableCell
                  key={id}
                  align="right"
                  sx={{ ...columnStyle(id === chosen), ...(number === "garment" ? bigStyle : {}) }}
                >
                  <Value zone={zoneName} name={name} explain={() => explain(number, id)}>
                    {write(bySchool[id].consequences, lengths)}
                  </Value>
                  {number === "shareUsed" ? <ShareMark consequences={bySchool[id].consequences} /> : null}
                </TableCell>
              ))}
            </TableRow>
          ))}
          {ring ? (
            <TableRow>
              <TableCell component="th">Over the {ZONE_NAMES[ring.over].toLowerCase()}</TableCell>
              {SCHOOLS.map(({ id }) => (
                <TableCell key={id} align="right" sx={columnStyle(id === chosen)}>
                  <PullOn
                    verdict={pullOn[id].find((verdict) => verdict.ring === zone)}
                    zone={zoneName}
                    explain={() => explain("pullOn", id)}
                  />
                </TableCell>
              ))}
            </TableRow>
          ) : null}
        </TableBody>
      </Table>
    </Paper>
  );
}

function Value({
  zone,
  name,
  explain,
  children,
}: {
  zone: string;
  name: string;
  explain: () => Explanation | null;
  children: string;
}) {
  return explain() ? (
    <Why label={`${zone}, ${name.toLowerCase()}`} explain={explain}>
      {children}
    </Why>
  ) : (
    <Box component="span" sx={{ color: "text.secondary" }}>
      {children}
    </Box>
  );
}

function ShareMark({ consequences }: { consequences: Consequences }) {
  return (
    <Box sx={{ mt: 0.25, lineHeight: 1 }}>
      <StretchMark step={stretchStepOf(consequences.shareUsed, consequences.strain)} />
    </Box>
  );
}

function PullOn({
  verdict,
  zone,
  explain,
}: {
  verdict: RingVerdict | undefined;
  zone: string;
  explain: () => Explanation | null;
}) {
  const lengths = useLengths();
  if (!verdict) return null;
  const failing = verdict.verdict !== "goes";
  return (
    <Box
      sx={{ whiteSpace: "normal", color: failing ? "warning.main" : "text.primary", fontWeight: failing ? 700 : 400 }}
    >
      <Why label={`${zone}, pulling on`} explain={explain}>
        {VERDICT_WORDS[verdict.verdict]}
      </Why>
      {failing ? <Box sx={{ fontSize: "0.85rem" }}>{lengths.amount(verdict.shortfallMm)} short</Box> : null}
    </Box>
  );
}

const bigStyle = { fontSize: "1.15rem", fontWeight: 750 } as const;

/** The chosen school's column: sunken, between two lines. */
const columnStyle = (chosen: boolean) =>
  chosen
    ? {
        bgcolor: "bench.sunken",
        boxShadow: (t: Theme) =>
          `inset 2px 0 ${t.vars.palette.primary.main}, inset -2px 0 ${t.vars.palette.primary.main}`,
      }
    : {};
