import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useRef } from "react";
import { redirect } from "react-router";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { type Choice, ChoiceInput } from "../../form/ChoiceInput.tsx";
import { FileInput } from "../../form/FileInput.tsx";
import { useFieldState } from "../../form/FormState.tsx";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { setInput } from "../../form/setInput.ts";
import { TextInput } from "../../form/TextInput.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { ChartHeadFields } from "../ChartHeadFields.tsx";
import type { Route } from "./+types/route.ts";
import { importChart } from "./chartImport.server.ts";

const DRAFT = draftName("chart-import");

export const meta = () => [{ title: "Import a size chart · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => ({
  draft: await storeOf(context).drafts.find(DRAFT),
}));

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const read = importChart(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const id = await storeOf(context).inTransaction(async ({ charts, drafts }) => {
    await drafts.drop(DRAFT);
    return charts.add(read.value);
  });
  return redirect(`/charts/${id}`);
});

export default function ImportChart({ loaderData, actionData }: Route.ComponentProps) {
  const { unit } = useLengths();
  return (
    <Box sx={{ maxWidth: 820 }}>
      <PageHead
        title="Import a size chart"
        above={<TextLink to="/charts">Size charts</TextLink>}
        below="CSV with a row a size, or JSON. Body and finished girths are never mixed up: each column says which it is, or you are asked."
      />
      <RecordForm draftForm={DRAFT} draft={loaderData.draft} start={{ unit }} unsaved={actionData} submitLabel="Import">
        <Questions />
        <ChartText />
        <Typography color="text.secondary" sx={{ mb: 2, fontSize: "0.9rem" }}>
          For CSV, say what the file does not; JSON says it itself.
        </Typography>
        <ChartHeadFields />
        <ChoiceInput
          name="unit"
          legend="Bare numbers are"
          choices={[
            { value: "cm", label: "centimetres" },
            { value: "in", label: "inches" },
          ]}
        />
      </RecordForm>
      <Typography variant="h3" sx={{ mt: 3 }}>
        How a file is laid out
      </Typography>
      <Box component="pre" sx={{ bgcolor: "bench.sunken", p: 1.5, overflowX: "auto", fontSize: "0.9rem" }}>
        {EXAMPLE}
      </Box>
    </Box>
  );
}

const EXAMPLE = `size;body bust;body waist;body hip;finished bust;finished waist;finished hip
36;84;66;92;76;61;83
38;88;70;96;80;64.5;86.5`;

/** What the file leaves open, asked before anything is taken over. */
const Questions = () => (
  <>
    <Question
      name="bareKind"
      legend="Columns headed without a kind"
      answers={[
        { value: "body", label: "body girths" },
        { value: "finished", label: "finished girths of the garment" },
      ]}
    />
    <Question
      name="sides"
      legend="Body and finished"
      answers={[
        { value: "asHeaded", label: "right as they are headed" },
        { value: "over", label: "changed over: take them the other way round" },
      ]}
    />
  </>
);

/** One question, asked where the import came back with it; an answer given before is kept while another is asked. */
function Question({ name, legend, answers }: { name: string; legend: string; answers: readonly Choice[] }) {
  const { value, error } = useFieldState(name);
  if (error)
    return <ChoiceInput name={name} legend={legend} choices={[{ value: "", label: "not said yet" }, ...answers]} />;
  return value ? <input type="hidden" name={name} value={value} /> : null;
}

/** The text of the file: read from it in the browser, or pasted, and mended in place where a line is wrong. */
function ChartText() {
  const box = useRef<HTMLDivElement>(null);
  const take = async (file: File | undefined) => {
    const field = box.current?.querySelector<HTMLTextAreaElement>("textarea[name=text]");
    if (file && field) setInput(field, await file.text());
  };
  return (
    <Box ref={box}>
      <FileInput label="File" accept=".csv,.json,.txt,text/csv,application/json" onPick={(file) => void take(file)} />
      <TextInput name="text" label="Or paste it here" lines={6} />
    </Box>
  );
}
