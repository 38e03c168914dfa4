import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { data, Form, redirect } from "react-router";
import type { CsvProblem } from "../../../formats/body/sheetPlaces.ts";
import { found, idFrom, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { bytesOf, inPool } from "../../.server/pool/pool.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { FileInput } from "../../form/FileInput.tsx";
import { PlainFields } from "../../form/FormFields.tsx";
import { readForm } from "../../form/fields.server.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";

/** Largest file that is read, bytes. */
const LARGEST_FILE = 1_500_000;

export const meta = () => [{ title: "Import sheets · Stenz" }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => ({
  wearer: found(await storeOf(context).wearers.find(idFrom(params.wearerId, "wearer")), "wearer"),
}));

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const wearerId = idFrom(params.wearerId, "wearer");
  const form = await readForm(request);
  const file = form.get("file");
  const refused = (problems: readonly CsvProblem[], kept = 0) =>
    data({ problems: toldOf(problems), kept }, { status: 400 });
  if (!(file instanceof File) || file.size === 0)
    return refused([{ line: 0, reason: "Expected a file, but none was chosen." }]);
  if (file.size > LARGEST_FILE)
    return refused([
      {
        line: 0,
        reason: `Expected a file up to ${LARGEST_FILE / 1e6} MB, but it has ${(file.size / 1e6).toFixed(1)} MB.`,
      },
    ]);
  const bytes = await bytesOf(file);
  const read = await inPool("readSheets", { bytes, today: today() }, { hand: [bytes], signal: request.signal });
  if (!read.ok) return refused([{ line: 0, reason: read.problem.message }]);
  const { sheets, problems } = read.value;
  if (problems.length > 0 && (form.get("mode") !== "partly" || sheets.length === 0)) return refused(problems);
  await storeOf(context).inTransaction(async ({ wearers, sheets: repository }) => {
    found(await wearers.find(wearerId), "wearer");
    for (const sheet of sheets) await repository.add({ wearerId, ...sheet });
  });
  if (problems.length > 0) return data({ problems: toldOf(problems), kept: sheets.length });
  return redirect(`/wearers/${wearerId}`);
});

/** So many problems are told: whoever mends them reads no more at a time. */
const TOLD = 100;

const toldOf = (problems: readonly CsvProblem[]): CsvProblem[] =>
  problems.length <= TOLD
    ? [...problems]
    : [...problems.slice(0, TOLD), { line: 0, reason: `And ${problems.length - TOLD} more.` }];

const MODES = [
  { value: "whole", label: "refuse the file, if anything in it cannot be read" },
  { value: "partly", label: "take what can be read, and name what was left out" },
] as const;

export default function ImportSheets({ loaderData, actionData }: Route.ComponentProps) {
  const { wearer } = loaderData;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <PageHead
        title="Import sheets"
        above={<TextLink to={`/wearers/${wearer.id}`}>{wearer.name}</TextLink>}
        below="From a file Stenz has written, or one laid out like it: JSON, or CSV with a row a measure or a column a sheet."
      />
      {actionData ? (
        <Alert severity={actionData.kept > 0 ? "warning" : "error"} sx={{ mb: 2 }}>
          {actionData.kept > 0
            ? `${actionData.kept} ${actionData.kept === 1 ? "sheet was" : "sheets were"} taken over. Left out:`
            : "Nothing was taken over."}
          <ul style={{ margin: "4px 0 0", paddingLeft: 20 }}>
            {actionData.problems.map(({ line, reason }) => (
              <li key={`${line} ${reason}`}>
                {line > 0 ? `Line ${line}: ` : ""}
                {reason}
              </li>
            ))}
          </ul>
        </Alert>
      ) : null}
      <Form method="post" encType="multipart/form-data">
        <FileInput label="File" name="file" accept=".csv,.json,text/csv,application/json" />
        <PlainFields>
          <ChoiceInput name="mode" legend="If something cannot be read" choices={MODES} />
        </PlainFields>
        <Button type="submit" variant="contained">
          Import
        </Button>
      </Form>
      <Typography color="text.secondary" sx={{ mt: 3 }}>
        To see how a file is laid out, export a sheet first:{" "}
        <a href={`/wearers/${wearer.id}/sheets/export/rows`} download>
          a row a measure
        </a>
        ,{" "}
        <a href={`/wearers/${wearer.id}/sheets/export/columns`} download>
          a column a sheet
        </a>
        ,{" "}
        <a href={`/wearers/${wearer.id}/sheets/export/json`} download>
          JSON
        </a>
        .
      </Typography>
    </Box>
  );
}
