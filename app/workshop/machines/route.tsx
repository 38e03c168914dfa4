import Typography from "@mui/material/Typography";
import { STITCHES } from "../../../core/seams/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { RowsField } from "../../jobs/calculation/RowsField.tsx";
import { type EditedSetting, keepSetting, settingToEdit } from "../keepSetting.server.ts";
import { SettingForm } from "../SettingForm.tsx";
import type { Route } from "./+types/route.ts";
import { MACHINE_FIELD, machineFields } from "./machineFields.ts";
import { readMachines } from "./machineForm.server.ts";

const DRAFT = draftName("machines");

const SETTING: EditedSetting<"machines"> = {
  ...{ name: "machines", draft: DRAFT, what: "machines", to: "/machines" },
  fieldsOf: (value) => machineFields(value ?? { rows: [] }),
};

export const meta = () => [{ title: "Machines · Stenz" }];

export const loader = guarded(({ context }: Route.LoaderArgs) => settingToEdit(storeOf(context), SETTING));

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  return keepSetting(fields, storeOf(context), SETTING, readMachines(fields));
});

export default function MachinesPage({ loaderData, actionData }: Route.ComponentProps) {
  const { unit } = useLengths();
  return (
    <>
      <PageHead
        title="Machines"
        above={<TextLink to="/settings">Settings</TextLink>}
        below="What you sew on. A trial of a seam names its machine, whose dials it is held against. Trials that are kept stay as they were."
      />
      <SettingForm draftForm={DRAFT} from={loaderData} unsaved={actionData} submitLabel="Keep the machines">
        <RowsField name="rows" field={MACHINE_FIELD} unit={unit} />
        <Typography sx={{ color: "text.secondary", fontSize: "0.92rem", mb: 1.5, maxWidth: 760 }}>
          {`Stitches by their numbers in ISO 4915: ${STITCHES.map(({ id, name }) => `${id} ${name}`).join(", ")}.`}
        </Typography>
      </SettingForm>
    </>
  );
}
