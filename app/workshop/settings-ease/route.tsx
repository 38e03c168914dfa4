import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { CLOTH_KINDS } from "../../../core/cloth/index.ts";
import { FAMILIES, FAMILY_NAMES, ZONE_NAMES, ZONES } from "../../../core/ease/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readWorkshopSettings, settingsWords } from "../../.server/read/workshopSettings.ts";
import { readFields } from "../../form/fields.server.ts";
import { NumberTable } from "../../form/NumberTable.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { conflictRows } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";
import {
  cutField,
  lengthShareField,
  referenceField,
  settingsFields,
  shareField,
  TABLE_ROWS,
  tableField,
  targetField,
} from "./easeSettingsFields.ts";
import { readSettings } from "./easeSettingsForm.server.ts";
import { gridStyle } from "./gridStyle.ts";
import { Heading } from "./Heading.tsx";
import { firstProblem, saveBoth } from "./saveSettings.server.ts";

const DRAFT = draftName("settings-ease");

export const meta = () => [{ title: "Habits of the ease plan · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const settings = await readWorkshopSettings(store);
  return {
    start: settingsFields(settings.ease, settings.cloth),
    words: settingsWords(settings),
    // Both are saved together, so the sum of their versions tells whether either has moved on.
    version: settings.versions.ease + settings.versions.cloth,
    draft: await store.drafts.find(DRAFT),
  };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const shipped = fields.intent === "shipped";
  const read = shipped ? null : readSettings(fields);
  if (read && !read.ok) return invalid(fields, read.errors);
  const problem = read?.ok ? (firstProblem(read) ?? null) : null;
  if (problem) return invalid(fields, { form: problem });
  return storeOf(context).inTransaction(async (repositories) => {
    return answerEdit(await saveBoth(repositories, startedFrom(fields), read), {
      ...{ fields, drafts: repositories.drafts, draft: DRAFT, what: "setting", to: "/settings/ease" },
      rows: ({ ease, cloth }) => conflictRows(fields, settingsFields(ease, cloth)),
    });
  });
});

export default function EaseSettingsPage({ loaderData, actionData }: Route.ComponentProps) {
  const { start, words, version, draft } = loaderData;
  return (
    <>
      <PageHead
        title="Habits of the ease plan"
        above={<TextLink to="/settings">Settings</TextLink>}
        below={`Every number of the plan that is a habit and not a law. In use: ${words}. Prototypes keep the ones they were planned with.`}
        actions={
          <Form method="post">
            <input type="hidden" name="intent" value="shipped" />
            <input type="hidden" name="version" value={version} />
            <Button type="submit" variant="outlined" disabled={words === "settings as shipped"}>
              All as shipped
            </Button>
          </Form>
        }
      />
      <RecordForm
        key={version}
        draftForm={DRAFT}
        draft={draft}
        start={start}
        unsaved={actionData}
        hidden={{ version }}
        submitLabel="Save"
      >
        <Heading>Share of stretch, %</Heading>
        <NumberTable
          label="Share of the usable stretch by family and zone"
          short="share"
          columns={[...ZONES.map((zone) => ZONE_NAMES[zone]), "Lengths"]}
          rows={FAMILIES.map((family) => ({
            name: FAMILY_NAMES[family],
            fields: [...ZONES.map((zone) => shareField(family, zone)), lengthShareField(family)],
          }))}
        />
        <Heading>Target pressure, kPa</Heading>
        <NumberTable
          label="Target pressure by family and zone"
          short="target pressure"
          columns={ZONES.map((zone) => ZONE_NAMES[zone])}
          rows={FAMILIES.map((family) => ({
            name: FAMILY_NAMES[family],
            fields: ZONES.map((zone) => targetField(family, zone)),
          }))}
        />
        <Typography color="text.secondary" sx={{ mt: -1, mb: 2, fontSize: "0.9rem" }}>
          Empty: the school starts from what the share of stretch gives. Bands: under 1.5 easy, from 1.5 snug, from 2.7
          firm; over 4.0, at leg and arm from 2.7, is never proposed.
        </Typography>
        <Heading>Fixed cut, mm a quarter</Heading>
        <NumberTable
          label="Fixed cut by zone"
          short="cut"
          columns={ZONES.map((zone) => ZONE_NAMES[zone])}
          rows={[
            { name: "from 25 % stretch", fields: ZONES.map((zone) => cutField(zone, "stretchy")) },
            { name: "up to 10 % stretch", fields: ZONES.map((zone) => cutField(zone, "stable")) },
          ]}
        />
        <Typography color="text.secondary" sx={{ mt: -1, mb: 2, fontSize: "0.9rem" }}>
          Nothing at 15 %, straight lines between. Below nothing, ease is added.
        </Typography>
        <Heading>Straight reduction, %</Heading>
        <NumberTable
          label="Reduction by usable stretch"
          short="table"
          columns={Array.from({ length: TABLE_ROWS }, (_, row) => `${row + 1}`)}
          rows={[
            {
              name: "usable stretch",
              fields: Array.from({ length: TABLE_ROWS }, (_, row) => tableField(row, "stretch")),
            },
            { name: "reduction", fields: Array.from({ length: TABLE_ROWS }, (_, row) => tableField(row, "reduction")) },
          ]}
        />
        <Heading>Body, lengths, sizes</Heading>
        <Box sx={gridStyle}>
          <TextInput
            name="finger"
            label="Finger under the tape"
            suffix="mm"
            numeric
            hint="Off each girth of a one-finger sheet."
          />
          <TextInput name="lengthPart" label="Lengths take of the reduction" suffix="%" numeric />
          <TextInput
            name="freedom"
            label="Draw-in in a garment, φ"
            suffix="%"
            numeric
            hint="Of what a free strip shows."
          />
          <TextInput name="sizeStep" label="Sizes between neighbours" numeric hint="Of a graded pattern." />
          <TextInput
            name="bustOver"
            label="Bust over the chart"
            suffix="mm"
            numeric
            hint="More: size by the overbust."
          />
          <TextInput name="leaveUnder" label="Leave a trunk under" suffix="mm" numeric hint="Too little to act on." />
          <TextInput
            name="draftedDifference"
            label="Bust over overbust, drafted"
            suffix="mm"
            numeric
            hint="Where a pattern does not say."
          />
          <TextInput name="cupStrain" label="Strain of cups" suffix="%" numeric hint="0 rigid; 3–6 stretch lace." />
          <TextInput name="strapStrain" label="Strain of straps" suffix="%" numeric hint="Strap elastic in wear." />
        </Box>
        <Heading>Swatch bench</Heading>
        <NumberTable
          label="Reference tension by kind of cloth, N/m"
          short="reference"
          columns={[...CLOTH_KINDS]}
          rows={[{ name: "reference tension, N/m", fields: CLOTH_KINDS.map(referenceField) }]}
        />
        <Box sx={gridStyle}>
          <TextInput
            name="wearFactor"
            label="Tension in wear"
            suffix="%"
            numeric
            hint="Of the loading curve, where no way back was read."
          />
          <TextInput name="recovery60s" label="Will bag under, after 60 s" suffix="%" numeric />
          <TextInput name="recovery30min" label="Will bag under, after 30 min" suffix="%" numeric />
        </Box>
      </RecordForm>
    </>
  );
}
