import Typography from "@mui/material/Typography";
import { type Machines, STITCHES } from "../../../core/seams/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { conflictRows } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { RowsField } from "../../jobs/calculation/RowsField.tsx";
import type { Route } from "./+types/route.ts";
import { MACHINE_FIELD, machineFields } from "./machineFields.ts";
import { readMachines } from "./machineForm.server.ts";

const DRAFT = draftName("machines");
const NONE: Machines = { rows: [] };

export const meta = () => [{ title: "Machines · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const { value, version } = await store.settings.find("machines");
  return { start: machineFields(value ?? NONE), version, draft: await store.drafts.find(DRAFT) };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const read = readMachines(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const value: Machines = read.value;
  return storeOf(context).inTransaction(async ({ settings, drafts }) =>
    answerEdit(await settings.save("machines", { value, version: startedFrom(fields) }), {
      ...{ fields, drafts, draft: DRAFT, what: "machines", to: "/machines" },
      rows: (theirs) => conflictRows(fields, machineFields(theirs.value ?? NONE)),
    }),
  );
});

export default function MachinesPage({ loaderData, actionData }: Route.ComponentProps) {
  const { start, version, draft } = loaderData;
  const { unit } = useLengths();
  return (
    <>
      <PageHead
        title="Machines"
        above={<TextLink to="/settings">Settings</TextLink>}
        below="What you sew on. A trial of a seam names its machine, whose dials it is held against. Trials that are kept stay as they were."
      />
      <RecordForm
        key={version}
        draftForm={DRAFT}
        draft={draft}
        start={start}
        unsaved={actionData}
        hidden={{ version }}
        submitLabel="Keep the machines"
      >
        <RowsField name="rows" field={MACHINE_FIELD} unit={unit} />
        <Typography sx={{ color: "text.secondary", fontSize: "0.92rem", mb: 1.5, maxWidth: 760 }}>
          {`Stitches by their numbers in ISO 4915: ${STITCHES.map(({ id, name }) => `${id} ${name}`).join(", ")}.`}
        </Typography>
      </RecordForm>
    </>
  );
}
