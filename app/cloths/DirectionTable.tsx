import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import {
  type ClothKind,
  DIRECTION_NAMES,
  type DirectionSummary,
  explainGrowth,
  explainRecovery,
  explainUsable,
} from "../../core/cloth/index.ts";
import { formatDay } from "../../core/units/index.ts";
import { percent } from "../frame/units/percent.ts";
import { Why } from "../frame/why/WhyDrawer.tsx";
import { useClothSettings } from "./ClothSettingsContext.tsx";

/** What a cloth does in each tested direction, each figure by the newest test that tells it. */
export function DirectionTable({ summaries, kind }: { summaries: readonly DirectionSummary[]; kind: ClothKind }) {
  const settings = useClothSettings();
  return (
    <Paper sx={{ overflowX: "auto" }}>
      <Table aria-label="Stretch by direction">
        <TableHead>
          <TableRow>
            <TableCell>Direction</TableCell>
            <TableCell align="right">Usable stretch</TableCell>
            <TableCell>Class</TableCell>
            <TableCell align="right">Growth</TableCell>
            <TableCell align="right">Recovery</TableCell>
            <TableCell>Tested</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {summaries.map((summary) => (
            <TableRow key={summary.direction}>
              <TableCell component="th">{DIRECTION_NAMES[summary.direction]}</TableCell>
              <TableCell align="right" sx={{ fontWeight: 700 }}>
                <Why
                  label={`Usable stretch ${summary.direction}`}
                  explain={() => explainUsable(summary, kind, settings)}
                >
                  {summary.basis === "last" ? "at least " : ""}
                  {percent(summary.usable)}
                </Why>
              </TableCell>
              <TableCell>{summary.stretchClass}</TableCell>
              <TableCell align="right">
                {summary.growth === null ? (
                  "not read"
                ) : (
                  <Why label={`Growth ${summary.direction}`} explain={() => explainGrowth(summary, settings)}>
                    {percent(summary.growth)}
                  </Why>
                )}
              </TableCell>
              <TableCell align="right">
                {summary.recovery === null ? (
                  "not read"
                ) : (
                  <Why label={`Recovery ${summary.direction}`} explain={() => explainRecovery(summary, settings)}>
                    {percent(summary.recovery)}
                  </Why>
                )}
                {summary.willBag ? <strong> will bag</strong> : null}
              </TableCell>
              <TableCell>
                {formatDay(summary.test.testedOn)}
                {summary.told ? (
                  <Box sx={{ fontSize: "0.9rem", color: "text.secondary", maxWidth: "34ch" }}>{summary.told}</Box>
                ) : null}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}
