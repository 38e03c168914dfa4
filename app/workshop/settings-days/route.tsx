import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { WEEKDAYS } from "../../../core/days/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { hoursKept, readWorkHours } from "../../.server/read/workshopDays.ts";
import { CheckInput } from "../../form/CheckInput.tsx";
import { readFields } from "../../form/fields.server.ts";
import { TextInput } from "../../form/TextInput.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { type EditedSetting, keepSetting, settingToEdit } from "../keepSetting.server.ts";
import { SettingForm } from "../SettingForm.tsx";
import type { Route } from "./+types/route.ts";
import { daysFields, weekdayField } from "./daysFields.ts";
import { readDaysSettings } from "./daysSettings.server.ts";

const DRAFT = draftName("settings-days");

const SETTING: EditedSetting<"workHours"> = {
  ...{ name: "workHours", draft: DRAFT, what: "working hours", to: "/settings/days" },
  fieldsOf: (value) => daysFields(hoursKept(value)),
};

export const meta = () => [{ title: "Working hours · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  return { ...(await settingToEdit(store, SETTING)), secret: (await readWorkHours(store)).secret };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const store = storeOf(context);
  const fields = await readFields(request);
  return keepSetting(fields, store, SETTING, readDaysSettings(fields, await readWorkHours(store)));
});

export default function DaysSettings({ loaderData, actionData }: Route.ComponentProps) {
  const { secret } = loaderData;
  return (
    <>
      <PageHead
        title="Working hours"
        above={<TextLink to="/settings">Settings</TextLink>}
        below="When you sew. The days of the workshop fill these hours; they hold at the clock's own time, in summer and in winter."
      />
      <SettingForm draftForm={DRAFT} from={loaderData} unsaved={actionData} submitLabel="Keep the hours">
        <Box sx={{ maxWidth: 640 }}>
          <TextInput name="zone" label="Time zone" hint="By its name, such as Europe/Vienna." required />
          <Typography variant="h3" sx={{ mb: 1 }}>
            A week
          </Typography>
          {WEEKDAYS.map((name, at) => (
            <TextInput
              key={name}
              name={weekdayField(at)}
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
      </SettingForm>
    </>
  );
}
