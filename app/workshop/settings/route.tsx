import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { redirect } from "react-router";
import { draftName } from "../../../data/drafts/index.ts";
import type { Store } from "../../../data/store.ts";
import { parseGaugeAddress } from "../../.server/gauge/gaugeSource.ts";
import { conflict, invalid, storeOf } from "../../.server/http/answers.ts";
import { fromThisMachineContext } from "../../.server/http/context.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { InchStepChoice } from "../../frame/units/InchStepChoice.tsx";
import type { Route } from "./+types/route.ts";

const DRAFT = draftName("settings");
const WORKSHOP_DRAFT = draftName("settings-workshop");

/** Longest name of a workshop. */
const LONGEST_NAME = 80;

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
  const value = (fields.gaugeAddress ?? "").trim();
  const address = value === "" ? null : parseGaugeAddress(value);
  if (address && !address.ok) return invalid(fields, { gaugeAddress: address.problem.message });
  return storeOf(context).inTransaction(async ({ settings, drafts }) => {
    if (await settings.save("gaugeAddress", { value, version: Number(fields.version) })) {
      await drafts.drop(DRAFT);
      return redirect("/settings");
    }
    const theirs = await settings.find("gaugeAddress");
    return conflict(fields, theirs.version, [
      { name: "gaugeAddress", label: "Gauge", yours: value, theirs: theirs.value },
    ]);
  });
});

function saveWorkshop(fields: Fields, store: Store) {
  const value = (fields.workshopName ?? "").trim();
  if (value.length > LONGEST_NAME) {
    return invalid(fields, { workshopName: `Expected up to ${LONGEST_NAME} signs, but there are ${value.length}.` });
  }
  return store.inTransaction(async ({ settings, drafts }) => {
    if (await settings.save("workshopName", { value, version: Number(fields.version) })) {
      await drafts.drop(WORKSHOP_DRAFT);
      return redirect("/settings");
    }
    const theirs = await settings.find("workshopName");
    return conflict(fields, theirs.version, [
      { name: "workshopName", label: "Name", yours: value, theirs: theirs.value },
    ]);
  });
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
          <TextLink to="/styles">Styles</TextLink>: zones, drops and limits; copy one to change it
        </li>
        <li>
          <TextLink to="/charts">Size charts</TextLink> of graded patterns
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
          start={{ workshopName: workshop.value }}
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
        start={{ gaugeAddress: gauge.value }}
        unsaved={ofWorkshop ? undefined : actionData}
        hidden={{ version: gauge.version }}
        submitLabel="Save"
      >
        <TextInput name="gaugeAddress" label="Gauge" hint="/dev/ttyUSB0 or tcp://127.0.0.1:7001; empty for none." />
      </RecordForm>
    </Box>
  );
}
