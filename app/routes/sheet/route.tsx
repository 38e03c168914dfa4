import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { CATALOGUE, nameOf, sidesOf } from "../../../core/body/catalogue.ts";
import { checkSheet } from "../../../core/body/checks/index.ts";
import { measuredValue } from "../../../core/body/sheetValues.ts";
import { formatDay } from "../../../core/units/day.ts";
import { CheckList } from "../../components/body/CheckList.tsx";
import { LinkButton } from "../../components/LinkButton.tsx";
import { PageHead } from "../../components/PageHead.tsx";
import { TextLink } from "../../components/TextLink.tsx";
import { useLengths } from "../../components/units/UnitContext.tsx";
import { found, idFrom, storeOf } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
import type { Route } from "./+types/route.ts";

export const meta = () => [{ title: "Sheet · Stenz" }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const { wearers } = storeOf(context);
  const sheet = found(await wearers.findSheet(idFrom(params.sheetId, "sheet")), "sheet");
  const wearer = found(await wearers.find(sheet.wearerId), "wearer");
  return { sheet, wearer, findings: checkSheet(sheet) };
});

const TAPES = { snug: "tape snug", finger: "one finger under the tape" } as const;

export default function SheetPage({ loaderData }: Route.ComponentProps) {
  const { sheet, wearer, findings } = loaderData;
  const lengths = useLengths();
  const taken = CATALOGUE.flatMap((measure) => sidesOf(measure).map((side) => ({ code: measure.code, side })));
  const by = sheet.measuredBy ? `, measured by ${sheet.measuredBy}` : "";
  return (
    <>
      <PageHead
        title={`Sheet of ${formatDay(sheet.takenOn)}`}
        above={<TextLink to={`/wearers/${wearer.id}`}>{wearer.name}</TextLink>}
        below={`${TAPES[sheet.tape]}${by}. A sheet is never overwritten: what has changed goes on a new one.`}
        actions={
          <LinkButton to={`/wearers/${wearer.id}/sheets/new?from=${sheet.id}`} variant="outlined">
            New sheet from this one
          </LinkButton>
        }
      />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "1.4fr 1fr" }, gap: 3, alignItems: "start" }}>
        <Paper>
          <Table aria-label="Measures">
            <TableHead>
              <TableRow>
                <TableCell>Body measure</TableCell>
                <TableCell align="right">Body, {lengths.unit}</TableCell>
                <TableCell align="right">As typed</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {taken.map(({ code, side }) => {
                const value = measuredValue(sheet.values, code, side);
                return (
                  <TableRow key={`${code} ${side}`}>
                    <TableCell component="th">{nameOf(code, side)}</TableCell>
                    <TableCell align="right" sx={{ fontWeight: 650 }}>
                      {value ? lengths.bare(value.mm) : "not taken"}
                    </TableCell>
                    <TableCell align="right" sx={{ color: "text.secondary" }}>
                      {value?.text}
                    </TableCell>
                  </TableRow>
                );
              })}
            </TableBody>
          </Table>
        </Paper>
        <Box>
          {sheet.notes ? <p>{sheet.notes}</p> : null}
          <CheckList findings={findings} unit={lengths.unit} />
        </Box>
      </Box>
    </>
  );
}
