import Box from "@mui/material/Box";
import { capital } from "../../../core/capital.ts";
import { FINISHES, SHIPPED_FINISH_SETTINGS } from "../../../core/edges/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { TextInput } from "../../form/TextInput.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { plainTable } from "../../frame/plainTable.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { type EditedSetting, keepSetting, settingToEdit } from "../keepSetting.server.ts";
import { SettingForm } from "../SettingForm.tsx";
import type { Route } from "./+types/route.ts";
import { HABITS, HABITS_FORM, habitFields } from "./finishFields.ts";

const DRAFT = draftName("settings-finishes");

const SETTING: EditedSetting<"finish"> = {
  ...{ name: "finish", draft: DRAFT, what: "setting", to: "/settings/finishes" },
  fieldsOf: (value) => habitFields(value ?? SHIPPED_FINISH_SETTINGS),
};

const readHabits = formReader(HABITS_FORM);

export const meta = () => [{ title: "Allowances by finish · Stenz" }];

export const loader = guarded(({ context }: Route.LoaderArgs) => settingToEdit(storeOf(context), SETTING));

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  return keepSetting(fields, storeOf(context), SETTING, readHabits(fields));
});

export default function FinishSettingsPage({ loaderData, actionData }: Route.ComponentProps) {
  const others = FINISHES.filter(({ id }) => HABITS.every(({ name }) => name !== `${id}Mm`));
  return (
    <>
      <PageHead
        title="Allowances by finish"
        above={<TextLink to="/settings">Settings</TextLink>}
        below="What is added outside a seam line, where that is a habit. An edge of drawn pieces is finished otherwise at Pieces."
      />
      <SettingForm draftForm={DRAFT} from={loaderData} unsaved={actionData} submitLabel="Keep the habits">
        <Box
          sx={{
            display: "grid",
            gridTemplateColumns: "repeat(auto-fill, minmax(220px, 1fr))",
            columnGap: 1.5,
            maxWidth: 760,
          }}
        >
          {HABITS.map(({ name, label }) => (
            <TextInput key={name} name={name} label={`${capital(label)}, mm`} />
          ))}
        </Box>
      </SettingForm>
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
