import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { WEEKDAYS } from "../../../core/days/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readWorkHours } from "../../.server/read/workshopDays.ts";
import { CheckInput } from "../../form/CheckInput.tsx";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { conflictRows } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";
import { daysFields } from "./daysFields.ts";
import { readDaysSettings } from "./daysSettings.server.ts";

const DRAFT = draftName("settings-days");

export const meta = () => [{ title: "Working hours · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const { hours, version } = await readWorkHours(store);
  return { start: daysFields(hours), version, secret: hours.secret, draft: await store.drafts.find(DRAFT) };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const store = storeOf(context);
  const fields = await readFields(request);
  const { hours } = await readWorkHours(store);
  const read = readDaysSettings(fields, hours);
  if (!read.ok) return invalid(fields, read.errors);
  return store.inTransaction(async ({ settings, drafts }) =>
    answerEdit(await settings.save("workHours", { value: read.value, version: startedFrom(fields) }), {
      ...{ fields, drafts, draft: DRAFT, what: "working hours", to: "/settings/days" },
      rows: (theirs) => conflictRows(fields, theirs.value ? daysFields(theirs.value) : {}),
    }),
  );
});

export default function DaysSettings({ loaderData, actionData }: Route.ComponentProps) {
  const { start, version, draft, secret } = loaderData;
  return (
    <>
      <PageHead
        title="Working hours"
        above={<TextLink to="/settings">Settings</TextLink>}
        below="When you sew. The days of the workshop fill these hours; they hold at the clock's own time, in summer and in winter."
      />
      <RecordForm
        key={version}
        draftForm={DRAFT}
        draft={draft}
        start={start}
        unsaved={actionData}
        hidden={{ version }}
        submitLabel="Keep the hours"
      >
        <Box sx={{ maxWidth: 640 }}>
          <TextInput name="zone" label="Time zone" hint="By its name, such as Europe/Vienna." required />
          <Typography variant="h3" sx={{ mb: 1 }}>
            A week
          </Typography>
          {WEEKDAYS.map((name, at) => (
            <TextInput
              key={name}
              name={`day${at}`}
              label={name}
              {...(at === 0 ? { hint: "9:00-13:00, 14:00-17:30; empty: a day off." } : {})}
            />
          ))}
          <TextInput name="off" label="Days off" lines={3} hint="A day a line." />
          <Typography variant="h3" sx={{ mb: 1 }}>
            The calendar that leaves the house
          </Typography>
          <TextInput name="remind" label="Reminds before an appointment" suffix="min" numeric hint="Empty: never." />
          <CheckInput name="named">Name wearers and jobs in it; else it says only what one meets for</CheckInput>
          <CheckInput name="feed">Let it be subscribed to, under an address nobody guesses</CheckInput>
          {secret ? (
            <Typography sx={{ mb: 2, wordBreak: "break-all" }}>
              {"Its address on this machine: "}
              <strong>{`/days/calendar/${secret}.ics`}</strong>
              {". Whoever has it sees the calendar; untick and keep, and it is shut."}
            </Typography>
          ) : null}
        </Box>
      </RecordForm>
    </>
  );
}
