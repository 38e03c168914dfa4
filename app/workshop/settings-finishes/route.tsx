import Box from "@mui/material/Box";
import { FINISHES, SHIPPED_FINISH_SETTINGS } from "../../../core/edges/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { conflictRows } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { plainTable } from "../../frame/plainTable.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";
import { HABITS, HABITS_FORM, habitFields } from "./finishFields.ts";

const DRAFT = draftName("settings-finishes");

const readHabits = formReader(HABITS_FORM);

export const meta = () => [{ title: "Allowances by finish · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const { settings, drafts } = storeOf(context);
  const { value, version } = await settings.find("finish");
  return { start: habitFields(value ?? SHIPPED_FINISH_SETTINGS), version, draft: await drafts.find(DRAFT) };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const read = readHabits(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const { value } = read;
  return storeOf(context).inTransaction(async ({ settings, drafts }) =>
    answerEdit(await settings.save("finish", { value, version: startedFrom(fields) }), {
      ...{ fields, drafts, draft: DRAFT, what: "setting", to: "/settings/finishes" },
      rows: (theirs) => conflictRows(fields, habitFields(theirs.value ?? SHIPPED_FINISH_SETTINGS)),
    }),
  );
});

export default function FinishSettingsPage({ loaderData, actionData }: Route.ComponentProps) {
  const { start, version, draft } = loaderData;
  const others = FINISHES.filter(({ id }) => HABITS.every(({ name }) => name !== `${id}Mm`));
  return (
    <>
      <PageHead
        title="Allowances by finish"
        above={<TextLink to="/settings">Settings</TextLink>}
        below="What is added outside a seam line, where that is a habit. An edge of drawn pieces is finished otherwise at Pieces."
      />
      <RecordForm
        key={version}
        draftForm={DRAFT}
        draft={draft}
        start={start}
        unsaved={actionData}
        hidden={{ version }}
        submitLabel="Keep the habits"
      >
        <Box
          sx={{
            display: "grid",
            gridTemplateColumns: "repeat(auto-fill, minmax(220px, 1fr))",
            columnGap: 1.5,
            maxWidth: 760,
          }}
        >
          {HABITS.map(({ name, label }) => (
            <TextInput key={name} name={name} label={`${label.charAt(0).toUpperCase()}${label.slice(1)}, mm`} />
          ))}
        </Box>
      </RecordForm>
      <Box
        component="table"
        aria-label="Finishes that follow from a width"
        sx={{ ...plainTable, maxWidth: 760, mt: 2 }}
      >
        <thead>
          <tr>
            <th scope="col">Finish</th>
            <th scope="col">What it adds, in mm</th>
          </tr>
        </thead>
        <tbody>
          {others.map(({ id, name, formula }) => (
            <tr key={id}>
              <th scope="row" className="words">
                {name}
              </th>
              <td className="words">{formula}</td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Box sx={{ fontSize: "0.9rem", color: "text.secondary", mt: 1 }}>
        w the width, d its decorative edge, s the allowance of its own seams.
      </Box>
    </>
  );
}
