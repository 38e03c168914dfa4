import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import TextField from "@mui/material/TextField";
import { useSearchParams } from "react-router";
import { compareSheets, nameOf } from "../../../core/body/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { sheetName } from "../sheetName.ts";
import type { Route } from "./+types/route.ts";
import { ChangeFigure } from "./ChangeFigure.tsx";

export const meta = () => [{ title: "Two sheets · Stenz" }];

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { wearers, sheets } = storeOf(context);
  const wearer = found(await wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  const all = await sheets.ofWearer(wearer.id);
  const address = new URL(request.url).searchParams;
  const pick = (name: string, otherwise: number) => {
    const asked = address.get(name);
    return asked
      ? found(
          all.find(({ id }) => String(id) === asked),
          "sheet of this wearer",
        )
      : all[otherwise];
  };
  const [after, before] = [pick("after", 0), pick("before", 1)];
  return {
    wearer,
    sheets: all.map(({ id, takenOn }) => ({ id, takenOn })),
    pair:
      before && after
        ? {
            before: { id: before.id, takenOn: before.takenOn, tape: before.tape },
            after: { id: after.id, takenOn: after.takenOn, tape: after.tape },
          }
        : null,
    measures: before && after ? compareSheets(before.values, after.values) : [],
  };
});

export default function CompareSheets({ loaderData }: Route.ComponentProps) {
  const { wearer, sheets, pair, measures } = loaderData;
  const lengths = useLengths();
  const [address, setAddress] = useSearchParams();
  const choose = (name: "before" | "after") => (
    <TextField
      select
      id={`choose-${name}`}
      label={name === "before" ? "Earlier" : "Later"}
      value={pair?.[name].id ?? ""}
      onChange={(event) => setAddress({ ...Object.fromEntries(address), [name]: event.target.value })}
      sx={{ maxWidth: 220 }}
    >
      {sheets.map(({ id, takenOn }) => (
        <MenuItem key={id} value={id}>
          {sheetName({ id, takenOn }, sheets)}
        </MenuItem>
      ))}
    </TextField>
  );
  return (
    <>
      <PageHead
        title="Two sheets side by side"
        above={<TextLink to={`/wearers/${wearer.id}`}>{wearer.name}</TextLink>}
        below="What has changed, where, and which way."
      />
      {pair ? (
        <>
          <Box sx={{ display: "flex", gap: 2, mb: 2.5 }}>
            {choose("before")}
            {choose("after")}
          </Box>
          {pair.before.tape === pair.after.tape ? null : (
            <Alert severity="warning" sx={{ mb: 2 }}>
              One sheet was taken snug, the other with one finger under the tape: girths differ by about 12 mm for that
              alone.
            </Alert>
          )}
          <Box
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "340px minmax(0, 1fr)" },
              gap: 4,
              alignItems: "start",
            }}
          >
            <ChangeFigure measures={measures} />
            <Paper sx={{ overflowX: "auto" }}>
              <Table aria-label="Differences" size="small">
                <TableHead>
                  <TableRow>
                    <TableCell>Body, {lengths.unit}</TableCell>
                    <TableCell align="right">{formatDay(pair.before.takenOn)}</TableCell>
                    <TableCell align="right">{formatDay(pair.after.takenOn)}</TableCell>
                    <TableCell align="right">Change</TableCell>
                  </TableRow>
                </TableHead>
                <TableBody>
                  {measures.map(({ code, side, beforeMm, afterMm, changeMm }) => (
                    <TableRow key={`${code} ${side}`}>
                      <TableCell component="th">{nameOf(code, side)}</TableCell>
                      <TableCell align="right">{beforeMm === null ? "not taken" : lengths.bare(beforeMm)}</TableCell>
                      <TableCell align="right">{afterMm === null ? "not taken" : lengths.bare(afterMm)}</TableCell>
                      <TableCell align="right" sx={{ fontWeight: 700 }}>
                        {changeMm === null ? "—" : lengths.difference(changeMm)}
                      </TableCell>
                    </TableRow>
                  ))}
                </TableBody>
              </Table>
            </Paper>
          </Box>
        </>
      ) : (
        <p>Two sheets are needed; this wearer has {sheets.length}.</p>
      )}
    </>
  );
}
