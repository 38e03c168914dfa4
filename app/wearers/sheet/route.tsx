import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { data } from "react-router";
import {
  CATALOGUE,
  checkSheet,
  measuredValue,
  nameOf,
  placesOf,
  sheetBefore,
  WORN_UNDER,
} from "../../../core/body/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { SavedChecks } from "../SavedChecks.tsx";
import type { Route } from "./+types/route.ts";
import { readAnswer } from "./answerForm.server.ts";

export const meta = () => [{ title: "Sheet · Stenz" }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const { wearers, sheets } = storeOf(context);
  const sheet = found(await sheets.find(idFrom(params.sheetId, "sheet")), "sheet");
  const wearer = found(await wearers.find(sheet.wearerId), "wearer");
  const earlier = sheetBefore(sheet, await sheets.ofWearer(wearer.id))?.values;
  return { sheet, wearer, findings: checkSheet({ ...sheet, earlier, isChild: wearer.child }) };
});

/** Keeps an answer to one of the sheet's checks, or takes it back. */
export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.sheetId, "sheet");
  const fields = await readFields(request);
  const read = readAnswer(fields);
  if (!read.ok) return data({ error: "Expected an answer to one of the checks." }, { status: 400 });
  const { word, ...check } = read.value;
  await storeOf(context).inTransaction(async ({ sheets }) => {
    found(await sheets.find(id), "sheet");
    await sheets.answer(id, check, word);
  });
  return data({ kept: true });
});

const TAPES = { snug: "tape snug", finger: "one finger under the tape" } as const;

export default function SheetPage({ loaderData }: Route.ComponentProps) {
  const { sheet, wearer, findings } = loaderData;
  const lengths = useLengths();
  const notTaken = sheet.notTaken ?? [];
  const noted = placesOf(CATALOGUE.map(({ code }) => code)).filter(
    ({ code, side }) =>
      measuredValue(sheet.values, code, side) || notTaken.some((one) => one.code === code && one.side === side),
  );
  const by = sheet.selfMeasured ? ", self-measured" : sheet.measuredBy ? `, measured by ${sheet.measuredBy}` : "";
  const under = WORN_UNDER.find(({ id }) => id === sheet.wornUnder)?.words ?? "nothing";
  return (
    <>
      <PageHead
        title={`Sheet of ${formatDay(sheet.takenOn)}`}
        above={<TextLink to={`/wearers/${wearer.id}`}>{wearer.name}</TextLink>}
        below={`${TAPES[sheet.tape]}${by}, ${under} under the tape. A sheet is never overwritten: what has changed goes on a new one.`}
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
              {noted.map(({ code, side }) => {
                const value = measuredValue(sheet.values, code, side);
                return (
                  <TableRow key={`${code} ${side}`}>
                    <TableCell component="th">{nameOf(code, side)}</TableCell>
                    <TableCell align="right" sx={{ fontWeight: 650 }}>
                      {value ? lengths.bare(value.mm) : "—"}
                    </TableCell>
                    <TableCell align="right" sx={{ color: "text.secondary" }}>
                      {value
                        ? `${value.text}${value.tape ? ` (${TAPES[value.tape]})` : ""}`
                        : `not taken: ${notTaken.find((one) => one.code === code && one.side === side)?.reason ?? ""}`}
                    </TableCell>
                  </TableRow>
                );
              })}
            </TableBody>
          </Table>
        </Paper>
        <Box>
          {sheet.consent ? (
            <p>
              <strong>Consent:</strong> {sheet.consent}
            </p>
          ) : null}
          {sheet.notes ? <p>{sheet.notes}</p> : null}
          <SavedChecks sheetId={sheet.id} findings={findings} answers={sheet.answers ?? []} />
        </Box>
      </Box>
    </>
  );
}
