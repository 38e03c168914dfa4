import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Store } from "../../../data/store.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import { fromThisMachineContext } from "../../.server/http/context.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { conflictRow, type Fields } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { InchStepChoice } from "../../frame/units/InchStepChoice.tsx";
import type { Route } from "./+types/route.ts";
import { readGauge, readWorkshop } from "./settingsForm.server.ts";

const DRAFT = draftName("settings");
const WORKSHOP_DRAFT = draftName("settings-workshop");

export const meta = () => [{ title: "Settings · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const { settings, drafts } = storeOf(context);
  return {
    gauge: await settings.find("gaugeAddress"),
    workshop: await settings.find("workshopName"),
    drafts: await drafts.findAll([DRAFT, WORKSHOP_DRAFT]),
  };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  if (fields.intent === "workshop") return saveWorkshop(fields, storeOf(context));
  if (!context.get(fromThisMachineContext)) {
    return invalid(fields, { gaugeAddress: "Expected to be set on the machine Stenz runs on: open Stenz there." });
  }
  const read = readGauge(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const value = read.value.gaugeAddress;
  return keep(storeOf(context), fields, { name: "gaugeAddress", label: "Gauge", value, draft: DRAFT });
});

interface Kept {
  readonly name: "gaugeAddress" | "workshopName";
  readonly label: string;
  readonly value: string | null;
  readonly draft: string;
}

const keep = (store: Store, fields: Fields, { name, label, value, draft }: Kept) =>
  store.inTransaction(async ({ settings, drafts }) =>
    answerEdit(await settings.save(name, { value, version: startedFrom(fields) }), {
      ...{ fields, drafts, draft, what: "setting", to: "/settings" },
      rows: (theirs) => [conflictRow(fields, name, label, theirs.value ?? "")],
    }),
  );

function saveWorkshop(fields: Fields, store: Store) {
  const read = readWorkshop(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const value = read.value.workshopName;
  return keep(store, fields, { name: "workshopName", label: "Name", value, draft: WORKSHOP_DRAFT });
}

export default function Settings({ loaderData, actionData }: Route.ComponentProps) {
  const { gauge, workshop, drafts } = loaderData;
  const ofWorkshop = actionData?.fields.intent === "workshop";
  return (
    <Box sx={{ maxWidth: 720 }}>
      <PageHead title="Settings" below="Of this browser, and of this workshop." />
      <InchStepChoice />
      <Box component="ul" sx={{ pl: 2.5, mb: 3, "& li": { mb: 0.5 } }}>
        <li>
          <TextLink to="/settings/ease">Habits of the ease plan</TextLink>: cuts, reductions, shares, reference tensions
        </li>
        <li>
          <TextLink to="/settings/finishes">Allowances by finish</TextLink>: seams, hems, corsets
        </li>
        <li>
          <TextLink to="/styles">Styles</TextLink>: zones, drops, limits and parts; copy one to change it
        </li>
        <li>
          <TextLink to="/charts">Size charts</TextLink> of graded patterns
        </li>
        <li>
          <TextLink to="/machines">Machines</TextLink>: what seams are tried and sewn on
        </li>
        <li>
          <TextLink to="/settings/days">Working hours</TextLink>, days off, and the calendar that leaves the house
        </li>
        <li>
          <TextLink to="/settings/sharing">Share with a tablet</TextLink>: over the network, with{" "}
          <TextLink to="/settings/devices">devices</TextLink> that were paired
        </li>
        <li>
          <TextLink to="/settings/backups">Backups</TextLink>: taken by themselves, restored in two steps
        </li>
        <li>
          <TextLink to="/shelf">Shelf stock</TextLink>: what there is of cloths, elastics and notions, and what it costs
        </li>
      </Box>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Workshop
      </Typography>
      <Box sx={{ mb: 3 }}>
        <RecordForm
          key={`workshop ${workshop.version}`}
          draftForm={WORKSHOP_DRAFT}
          draft={drafts[WORKSHOP_DRAFT] ?? null}
          start={{ workshopName: workshop.value ?? "" }}
          unsaved={ofWorkshop ? actionData : undefined}
          hidden={{ intent: "workshop", version: workshop.version }}
          submitLabel="Keep the name"
        >
          <TextInput
            name="workshopName"
            label="Name of the workshop"
            hint="Stands on the history of jobs and on printed records."
          />
        </RecordForm>
      </Box>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Force gauge
      </Typography>
      <Typography sx={{ mb: 2 }}>
        A gauge that sends one line a reading can be read from a serial device of this machine or from a TCP address.
        Without one, the stand-in that comes with Stenz takes its place.
      </Typography>
      <RecordForm
        key={gauge.version}
        draftForm={DRAFT}
        draft={drafts[DRAFT] ?? null}
        start={{ gaugeAddress: gauge.value ?? "" }}
        unsaved={ofWorkshop ? undefined : actionData}
        hidden={{ version: gauge.version }}
        submitLabel="Save"
      >
        <TextInput
          name="gaugeAddress"
          label="Gauge"
          hint="/dev/ttyUSB0, /dev/ttyUSB0 115200 for another speed, or tcp://127.0.0.1:7001; empty for none."
        />
      </RecordForm>
    </Box>
  );
}
