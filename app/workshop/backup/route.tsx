import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { inProcess } from "../../.server/pool/apart.ts";
import { CheckInput } from "../../form/CheckInput.tsx";
import { FieldError } from "../../form/FieldError.tsx";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Unsaved } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { timeWords } from "../backups/backupWords.ts";
import type { Route } from "./+types/route.ts";
import { HoldingTable } from "./HoldingTable.tsx";
import { backupOfPage, type Foresight, lookOrRestore } from "./restore.server.ts";

export const meta = () => [{ title: "Restore a backup · Stenz" }];

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { file, sealed } = backupOfPage(context, params.name);
  const looked = sealed ? null : await inProcess("lookIntoBackup", { file }, { signal: request.signal });
  return {
    ...{ name: params.name, sealed, now: storeOf(context).holding() },
    holding: looked?.ok ? looked.value : null,
    fault: looked && !looked.ok ? looked.problem.message : null,
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) =>
  lookOrRestore(await readFields(request), context, { name: params.name, signal: request.signal }),
);

export default function Backup({ loaderData, actionData }: Route.ComponentProps) {
  const { name, sealed, now, fault } = loaderData;
  const unsaved = actionData && "errors" in actionData ? (actionData as Unsaved) : undefined;
  const foresight = actionData && "foresight" in actionData ? (actionData.foresight as Foresight) : null;
  const leftOut = foresight?.leftOut ?? [];
  const holding = foresight?.holding ?? loaderData.holding;
  const at = `${name.slice(6, 16)}T${name.slice(17, 19)}:${name.slice(19, 21)}:00.000Z`;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <PageHead
        title={`Backup of ${timeWords(at)}`}
        above={<TextLink to="/settings/backups">Backups</TextLink>}
        below="What it holds, beside what the workshop holds now. Nothing is changed by looking."
      />
      {fault ? (
        <Alert severity="error" sx={{ mb: 3 }}>
          {fault} Take another one.
        </Alert>
      ) : null}
      {holding ? <HoldingTable holding={holding} now={now} /> : null}
      {leftOut.length > 0 ? <LeftOut names={leftOut} /> : null}
      {holding || sealed ? (
        <Box component="section" aria-labelledby="restore" sx={{ mt: 4 }}>
          <Typography variant="h2" id="restore" sx={{ mb: 1 }}>
            {holding ? "Restore it" : "Sealed"}
          </Typography>
          <Typography sx={{ mb: 2, color: "text.secondary" }}>
            {holding
              ? "The whole workshop becomes what it was then. The present file is kept aside, beside the data file, so that nothing is lost; devices stay paired."
              : "Only the passphrase it was sealed with opens it."}
          </Typography>
          <RecordForm
            key={holding ? "restore" : "look"}
            draftForm={null}
            unsaved={unsaved}
            hidden={{ intent: holding ? "restore" : "look" }}
            submitLabel={holding ? "Restore this backup" : "Look into it"}
          >
            {sealed ? <TextInput name="passphrase" label="Passphrase" secret required /> : null}
            {holding ? (
              <>
                <CheckInput name="sure">The workshop of now gives way to this one</CheckInput>
                <FieldError name="sure" />
              </>
            ) : null}
            <FieldError name="form" />
          </RecordForm>
        </Box>
      ) : null}
    </Box>
  );
}

/** What in a backup is not kept by Stenz, and is not taken over. */
const LeftOut = ({ names }: { names: readonly string[] }) => (
  <Alert severity="warning" sx={{ mt: 2 }}>
    In this backup stands something that Stenz does not write. It is left out when it is restored: {names.join("; ")}.
  </Alert>
);
