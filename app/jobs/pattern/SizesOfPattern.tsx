import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import {
  explainCost,
  explainFinished,
  explainSizeEase,
  type PatternSizes,
  type PatternZone,
  ZONE_NAMES,
} from "../../../core/ease/index.ts";
import { type LengthWriter, useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { SizeLadder } from "./SizeLadder.tsx";

interface SizesOfPatternProps {
  readonly sizes: PatternSizes;
  readonly chart: { readonly name: string; readonly ownReduction: number | null; readonly sizes: readonly string[] };
  readonly maxStep: number;
  readonly settingsName: string;
}

/** The sizes chosen, what they cost, what stands in for the difference, and where the lines blend. */
export function SizesOfPattern({ sizes, chart, maxStep, settingsName }: SizesOfPatternProps) {
  const lengths = useLengths();
  return (
    <>
      {sizes.bustRule?.applies ? (
        <Alert severity="info" icon={false} sx={{ mb: 2 }}>
          The bust stands {lengths.amount(sizes.bustRule.bodyDifferenceMm)} above the overbust, the chart’s{" "}
          {lengths.difference(sizes.bustRule.chartDifferenceMm)}: {lengths.amount(sizes.bustRule.excessMm)} more. Sized
          by the overbust, with room added at the cups, instead of going up a size everywhere.
        </Alert>
      ) : null}
      <Box
        sx={{
          display: "grid",
          gap: 2.5,
          gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 1.9fr) minmax(0, 1fr)" },
          alignItems: "start",
        }}
      >
        <Paper sx={{ overflowX: "auto" }}>
          <Table
            size="small"
            aria-label="Sizes by zone"
            sx={{ "& th, & td": { px: 1.25, py: 0.7, verticalAlign: "top" }, "& tbody td": { whiteSpace: "nowrap" } }}
          >
            <TableHead>
              <TableRow>
                <TableCell>Zone</TableCell>
                <TableCell align="right">Size</TableCell>
                <TableCell align="right">Alone</TableCell>
                <TableCell align="right">Body</TableCell>
                <TableCell align="right">Garment, planned</TableCell>
                <TableCell align="right">Garment, this size</TableCell>
                <TableCell align="right">Ease there</TableCell>
                <TableCell align="right">Cost</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {sizes.zones.map((zone) => (
                <TableRow key={zone.zone}>
                  <TableCell component="th">{ZONE_NAMES[zone.zone]}</TableCell>
                  <TableCell align="right" sx={{ fontSize: "1.15rem", fontWeight: 750 }}>
                    {zone.chosenName}
                  </TableCell>
                  <TableCell align="right" sx={{ color: "text.secondary" }}>
                    {zone.freeName}
                  </TableCell>
                  <TableCell align="right">{lengths.bare(zone.bodyMm)}</TableCell>
                  <TableCell align="right">{lengths.bare(zone.targetMm)}</TableCell>
                  <TableCell align="right">
                    {zone.finishedMm === null ? (
                      "not stated"
                    ) : (
                      <Why
                        label={`${ZONE_NAMES[zone.zone]}, garment of this size`}
                        explain={() => explainFinished(zone, chart.name, chart.ownReduction)}
                      >
                        {lengths.bare(zone.finishedMm)}
                      </Why>
                    )}
                  </TableCell>
                  <TableCell align="right">
                    {zone.easeMm === null ? (
                      "—"
                    ) : (
                      <Why
                        label={`${ZONE_NAMES[zone.zone]}, ease of this size`}
                        explain={() => explainSizeEase(zone, chart.name)}
                      >
                        {lengths.difference(zone.easeMm)}
                      </Why>
                    )}
                  </TableCell>
                  <TableCell align="right">
                    <Why label={`${ZONE_NAMES[zone.zone]}, cost`} explain={() => explainCost(zone, chart.name)}>
                      {(zone.costs[zone.chosen] as number).toFixed(0)}
                    </Why>
                  </TableCell>
                </TableRow>
              ))}
              <TableRow>
                <TableCell component="th" colSpan={7}>
                  Together, neighbours at most {maxStep} {maxStep === 1 ? "size" : "sizes"} apart ({settingsName})
                </TableCell>
                <TableCell align="right" sx={{ fontWeight: 750 }}>
                  {sizes.cost.toFixed(0)}
                </TableCell>
              </TableRow>
            </TableBody>
          </Table>
        </Paper>
        <SizeLadder zones={sizes.zones} names={chart.sizes} />
      </Box>
      <Words sizes={sizes} lengths={lengths} />
      <Blends sizes={sizes} />
    </>
  );
}

/** Where the step held a zone back, and what stands in for it. */
function Words({ sizes, lengths }: { sizes: PatternSizes; lengths: LengthWriter }) {
  const words = sizes.zones.flatMap((zone) => zoneWords(zone, lengths));
  const notInChart = sizes.notInChart.map((zone) => ZONE_NAMES[zone].toLowerCase());
  return (
    <Box sx={{ mt: 2 }}>
      {words.map((text) => (
        <Typography key={text} sx={{ borderLeft: 4, borderColor: "secondary.main", pl: 1.5, mb: 1 }}>
          {text}
        </Typography>
      ))}
      {notInChart.length > 0 ? (
        <Typography color="text.secondary">
          Not in this chart: {notInChart.join(", ")}. Draw {notInChart.length === 1 ? "it" : "them"} to the plan.
        </Typography>
      ) : null}
    </Box>
  );
}

/** Less than this is lost in the sewing (a prototype is flagged from there on). */
const WORTH_CUTTING_MM = 5;

function zoneWords(zone: PatternZone, lengths: LengthWriter): string[] {
  const name = ZONE_NAMES[zone.zone];
  if (zone.byOverbust) {
    const room = zone.adjustMm === null ? null : Math.max(0, Math.round(zone.adjustMm));
    const words =
      room === null ? "the cups take the room that is missing" : `room of ${lengths.amount(room)} goes into the cups`;
    return [`${name}: ${zone.chosenName}, as the overbust; ${words}.`];
  }
  const held =
    zone.free === zone.chosen ? null : `${name} alone would be ${zone.freeName}; ${zone.chosenName} keeps the step`;
  if (zone.adjustMm === null || zone.easeMm === null) {
    return held ? [`${held}. The chart states no finished girth, so what stands in for it is not known.`] : [];
  }
  const adjust = Math.round(zone.adjustMm);
  if (Math.abs(adjust) < WORTH_CUTTING_MM) return held ? [`${held}, and comes to the plan.`] : [];
  const doing = adjust > 0 ? `add ${lengths.amount(adjust)}` : `take ${lengths.amount(-adjust)} out`;
  return [
    `${held ?? `${name} is ${zone.chosenName}`}; the ease there is ${lengths.difference(zone.easeMm)}: ${doing} to come to the plan.`,
  ];
}

/** Seam by seam, from which size line to which. */
function Blends({ sizes }: { sizes: PatternSizes }) {
  return (
    <Box component="section" aria-label="Blend list" sx={{ mt: 2.5 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Where the lines blend
      </Typography>
      {sizes.blends.length === 0 ? (
        <Typography color="text.secondary">Nowhere: every zone is cut on one size line.</Typography>
      ) : (
        <Box component="ol" sx={{ m: 0, pl: 3 }}>
          {sizes.blends.map(({ seam, from, to }) => (
            <li key={`${from.zone} ${to.zone}`}>
              At the <strong>{seam}</strong>: from the line of {from.size} at the {ZONE_NAMES[from.zone].toLowerCase()}{" "}
              to the line of {to.size} at the {ZONE_NAMES[to.zone].toLowerCase()}.
            </li>
          ))}
        </Box>
      )}
    </Box>
  );
}
