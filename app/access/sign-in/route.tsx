import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { redirect } from "react-router";
import { accessContext, visitorContext } from "../../.server/access/visitor.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Unsaved } from "../../form/unsaved.ts";
import type { Route } from "./+types/route.ts";
import { placeWithin } from "./placeWithin.ts";
import { signIn } from "./signIn.server.ts";

export const handle = { bare: true };

export const meta = () => [{ title: "Sign in · Stenz" }];

export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const url = new URL(request.url);
  const to = placeWithin(url.searchParams.get("to") ?? "/");
  const visitor = context.get(visitorContext);
  if (visitor.kind !== "nobody") throw redirect(to === "/sign-in" ? "/" : to);
  const { hasPassphrase } = await context.get(accessContext).sharing.find();
  return { to, hasPassphrase, secure: url.protocol === "https:" };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) =>
  signIn(request, await readFields(request), context),
);

export default function SignIn({ loaderData, actionData }: Route.ComponentProps) {
  const { to, secure } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  const [way, setWay] = useState(unsaved?.fields.intent === "passphrase" ? "passphrase" : "code");
  const code = useCodeOfAddress();
  return (
    <>
      <Typography variant="h1" sx={{ mb: 1 }}>
        Let this device in
      </Typography>
      <Typography sx={{ mb: 3, color: "text.secondary" }}>
        On the machine Stenz runs on, open Settings, Devices, and have a code made. It is good for five minutes and for
        one device.
      </Typography>
      <RecordForm
        key={`${way} ${code}`}
        draftForm={null}
        start={{ code, name: "" }}
        unsaved={unsaved && unsaved.fields.intent === way ? unsaved : undefined}
        hidden={{ intent: way, to }}
        submitLabel="Let it in"
        beside={
          <Button onClick={() => setWay(way === "code" ? "passphrase" : "code")}>
            {way === "code" ? "By the passphrase instead" : "By a code instead"}
          </Button>
        }
      >
        {way === "code" ? (
          <TextInput
            name="code"
            label="Six digits"
            hint="They stand beside the picture on the other screen."
            numeric
            required
          />
        ) : (
          <TextInput
            name="passphrase"
            label="Passphrase"
            secret
            hint="That of the workshop: it lets this device into all of it."
            required
          />
        )}
        <TextInput
          name="name"
          label="Name of this device"
          hint="Tablet by the mirror, say: it stands in the list of devices."
          required
        />
      </RecordForm>
      {secure ? null : (
        <Typography sx={{ mt: 4, color: "warning.main" }}>
          What goes between this device and Stenz is not enciphered: everybody on this network can overhear it, this
          code and the measures of bodies as well.
        </Typography>
      )}
    </>
  );
}

/** The code that the QR picture brought, from the part of the address that is sent to nobody. */
function useCodeOfAddress(): string {
  const [code, setCode] = useState("");
  useEffect(() => {
    const read = () => {
      const found = /^#(\d{6})$/.exec(window.location.hash)?.[1];
      if (!found) return;
      setCode(found);
      // It is good once: it does not stay in the history of this browser.
      window.history.replaceState(window.history.state, "", window.location.pathname + window.location.search);
    };
    read();
    // Where this page is open already, a picture changes nothing but that part of its address.
    window.addEventListener("hashchange", read);
    return () => window.removeEventListener("hashchange", read);
  }, []);
  return code;
}
