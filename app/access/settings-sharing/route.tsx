import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { accessContext } from "../../.server/access/visitor.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { sharingContext } from "../../.server/sharing/sharingSwitch.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Unsaved } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";
import { ShareStanding } from "./ShareStanding.tsx";
import { setPassphrase, setSharing } from "./sharingForm.server.ts";

export const meta = () => [{ title: "Share with a tablet · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => ({
  sharing: await context.get(accessContext).sharing.find(),
  state: context.get(sharingContext).state(),
  devices: (await context.get(accessContext).devices.all()).length,
}));

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  return fields.intent === "passphrase" ? setPassphrase(fields, context) : setSharing(fields, context);
});

export default function Sharing({ loaderData, actionData }: Route.ComponentProps) {
  const { sharing, state, devices } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  const ofPassphrase = unsaved?.fields.intent === "passphrase";
  const [tls, setTls] = useState<string>(sharing.tls);
  return (
    <Box sx={{ maxWidth: 720 }}>
      <PageHead
        title="Share with a tablet"
        above={<TextLink to="/settings">Settings</TextLink>}
        below="On this machine nothing is asked. Over the network only devices are let in that were paired here, one by one."
      />
      <ShareStanding state={state} devices={devices} />
      <Typography variant="h2" sx={{ mb: 1 }}>
        Passphrase of the workshop
      </Typography>
      <Typography sx={{ mb: 2, color: "text.secondary" }}>
        {sharing.hasPassphrase
          ? "One is set. Devices that are paired stay so when it changes; whoever signs in by it needs the new one. Backups that were sealed stay with the one of then."
          : "It lets a device in where no code is at hand, and seals backups. Three or four words that nobody guesses; write it down where only you look, since nobody can tell it to you."}
      </Typography>
      <RecordForm
        key={sharing.hasPassphrase ? "change" : "set"}
        draftForm={null}
        unsaved={ofPassphrase ? unsaved : undefined}
        hidden={{ intent: "passphrase" }}
        submitLabel={sharing.hasPassphrase ? "Change the passphrase" : "Set the passphrase"}
        quiet={sharing.hasPassphrase}
      >
        <TextInput name="passphrase" label="Passphrase" secret hint="12 letters at least, blanks as well." required />
        <TextInput name="again" label="Once more" secret required />
      </RecordForm>
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        Over the network
      </Typography>
      <RecordForm
        key={sharing.version}
        draftForm={null}
        start={{
          ...{ on: sharing.on ? "yes" : "no", tls: sharing.tls },
          ...{ certFile: sharing.certFile ?? "", keyFile: sharing.keyFile ?? "" },
        }}
        unsaved={ofPassphrase ? undefined : unsaved}
        hidden={{ intent: "sharing", version: sharing.version }}
        submitLabel="Keep it so"
      >
        <ChoiceInput
          name="on"
          legend="Shared"
          choices={[
            { value: "no", label: "no, this machine only" },
            { value: "yes", label: "with paired devices" },
          ]}
        />
        <ChoiceInput
          name="tls"
          legend="Kept from being overheard"
          choices={[
            { value: "made", label: "by a certificate made here" },
            { value: "own", label: "by your own certificate" },
            { value: "none", label: "not at all" },
          ]}
          onChange={setTls}
        />
        {tls === "own" ? (
          <>
            <TextInput name="certFile" label="Certificate, file" hint="PEM, with those between it and its root." />
            <TextInput name="keyFile" label="Its key, file" hint="PEM, without a passphrase." />
          </>
        ) : null}
        {tls === "made" ? (
          <Typography sx={{ mb: 2, color: "text.secondary" }}>
            A tablet warns once that it does not know this certificate. Compare the fingerprint it shows with the one on
            this page before you go on: then nobody stands between. Pages for use without a network are kept by a device
            that trusts the certificate: once it is shared, this page says how.
          </Typography>
        ) : null}
        {tls === "none" ? (
          <Alert severity="warning" sx={{ mb: 2 }}>
            Everybody on the same network can read along: measures and photos of bodies, names, the codes of devices.
            They could sign in as such a device. Only on a network that is yours alone.
          </Alert>
        ) : null}
      </RecordForm>
    </Box>
  );
}
