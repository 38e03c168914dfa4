import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Form, useNavigation } from "react-router";
import { backupsIn } from "../../../data/backup/index.ts";
import { accessContext } from "../../.server/access/visitor.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { CheckInput } from "../../form/CheckInput.tsx";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Unsaved } from "../../form/unsaved.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { RowTable } from "../../frame/RowTable.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";
import { backUpNow, keeperOfPage, keepRule } from "./backups.server.ts";
import { bytesWords, timeWords } from "./backupWords.ts";

export const meta = () => [{ title: "Backups · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const { folder } = keeperOfPage(context);
  const { seal, ...rule } = await context.get(accessContext).backupRule.find();
  const told = new URL(request.url).searchParams;
  const [aside, left] = [told.get("aside"), told.get("left")];
  return { folder, backups: backupsIn(folder), rule: { ...rule, sealed: seal !== null }, aside, left };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  return fields.intent === "now" ? backUpNow(fields, context) : keepRule(fields, context);
});

export default function Backups({ loaderData, actionData }: Route.ComponentProps) {
  const { folder, backups, rule, aside, left } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  const busy = useNavigation().formData?.get("intent") === "now";
  const [sealed, setSealed] = useState((unsaved?.fields.sealed ?? (rule.sealed ? "yes" : "")) === "yes");
  const fault = unsaved?.errors.now ?? rule.fault;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <PageHead
        title="Backups"
        above={<TextLink to="/settings">Settings</TextLink>}
        below="Taken by itself once a day and before every change of the file’s form, with all photos, and looked through page by page."
        actions={
          <Form method="post">
            <Button type="submit" name="intent" value="now" variant="contained" disabled={busy}>
              {busy ? "Taking one …" : "Back up now"}
            </Button>
          </Form>
        }
      />
      {aside === null ? null : (
        <Alert severity="success" sx={{ mb: 3 }}>
          Restored. What was there before is kept aside{aside ? ` as ${aside}` : ""}.
          {left ? ` Left out, since Stenz does not write it: ${left}.` : ""}
        </Alert>
      )}
      {fault ? (
        <Alert severity="warning" sx={{ mb: 3 }}>
          {fault}
        </Alert>
      ) : null}
      {backups.length === 0 ? (
        <EmptyState title="No backup yet">
          The first is taken when Stenz has run for a moment. A backup is one file that holds the whole workshop; a copy
          of it on another disk is what saves it when this one breaks.
        </EmptyState>
      ) : (
        <RowTable
          label="Backups"
          columns={[
            { head: "Taken" },
            { head: "Size", as: "number" },
            { head: "Kept as", as: "words" },
            { head: "", as: "words" },
          ]}
          rows={backups.map(({ name, takenAt, bytes, sealed: shut }) => ({
            key: name,
            head: timeWords(takenAt),
            cells: [
              bytesWords(bytes),
              shut ? "sealed" : "open",
              <TextLink key="look" to={`/settings/backups/${name}`}>
                Look, restore
              </TextLink>,
            ],
          }))}
        />
      )}
      <Typography sx={{ mt: 1, mb: 4, color: "text.secondary", overflowWrap: "anywhere" }}>
        They lie in {folder}.
      </Typography>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Everything out, and back in
      </Typography>
      <Typography sx={{ mb: 1.5, color: "text.secondary" }}>
        One ZIP of open formats: every table as JSON, every wearer and job as a document, records as PDF, photos as they
        are. It can be read without Stenz. Read in, it stands in the list above as a backup, to be looked at and
        restored.
      </Typography>
      <Box sx={{ display: "flex", gap: 2, flexWrap: "wrap", alignItems: "center", mb: 4 }}>
        <Button component="a" href="/settings/everything" download variant="outlined">
          Take everything out
        </Button>
        <Form method="post" action="/settings/everything" encType="multipart/form-data">
          <Box component="label" sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}>
            <span>A ZIP to read in</span>
            <input type="file" name="file" accept=".zip,application/zip" required />
            <Button type="submit">Read it in</Button>
          </Box>
        </Form>
      </Box>
      <Typography variant="h2" sx={{ mb: 1 }}>
        What is kept, and where else
      </Typography>
      <RecordForm
        key={rule.version}
        draftForm={null}
        start={{
          ...{ days: String(rule.days), weeks: String(rule.weeks), months: String(rule.months) },
          ...{ second: rule.second ?? "", sealed: rule.sealed ? "yes" : "" },
        }}
        unsaved={unsaved?.fields.intent === "now" ? undefined : unsaved}
        hidden={{ intent: "rule", version: rule.version }}
        submitLabel="Keep it so"
      >
        <Box sx={{ display: "grid", gridTemplateColumns: "repeat(3, 1fr)", gap: 2 }}>
          <TextInput name="days" label="Days" hint="The last of each day." numeric />
          <TextInput name="weeks" label="Weeks" hint="The last of each week." numeric />
          <TextInput name="months" label="Months" hint="The last of each month." numeric />
        </Box>
        <TextInput
          name="second"
          label="Second folder"
          hint="A stick, or a folder that is copied elsewhere, by its whole path; empty for none. It is made to hold the same."
        />
        <CheckInput name="sealed" onChange={setSealed}>
          Seal them with the passphrase of the workshop: without it nobody opens them, you neither
        </CheckInput>
        {sealed && !rule.sealed ? <TextInput name="passphrase" label="Passphrase" secret required /> : null}
      </RecordForm>
    </Box>
  );
}
