import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import { useEffect, useState } from "react";
import { useRevalidator } from "react-router";
import { accessContext } from "../../.server/access/visitor.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { everyRow } from "../../.server/read/everyRow.ts";
import { sharingContext } from "../../.server/sharing/sharingSwitch.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";
import { DeviceCard } from "./DeviceCard.tsx";
import { changeDevice, sendAway, startPairing, stopPairing } from "./deviceForms.server.ts";
import { PairForm } from "./PairForm.tsx";
import { type Pairing, PairingCode } from "./PairingCode.tsx";

export const meta = () => [{ title: "Devices · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const { devices, pairing } = context.get(accessContext);
  const { jobs, identities } = storeOf(context);
  const tickable = [];
  for await (const { id, name, wearerName } of everyRow((page) => jobs.list({ search: "", page })))
    tickable.push({ identity: await identities.of("jobs", id), name, wearerName });
  return {
    devices: await devices.all(),
    standing: await pairing.standing(new Date()),
    shared: context.get(sharingContext).state().on,
    jobs: tickable,
  };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  if (fields.intent === "change") return changeDevice(fields, context);
  if (fields.intent === "away") return sendAway(fields, context);
  if (fields.intent === "stop") return stopPairing(context);
  return startPairing(fields, context);
});

/** How often it is looked whether the device has come, ms. */
const LOOKED_EVERY_MS = 2500;

export default function Devices({ loaderData, actionData }: Route.ComponentProps) {
  const { devices, standing, shared, jobs } = loaderData;
  const [pairing, setPairing] = useMade(actionData && "code" in actionData ? (actionData as Pairing) : null);
  const unsaved = actionData && "errors" in actionData ? (actionData as Unsaved) : undefined;
  const waiting = pairing !== null && standing !== null && standing.until === pairing.until;
  useLookAgain(waiting);
  const changed = unsaved?.fields.intent === "change" ? unsaved.fields.id : null;
  return (
    <Box sx={{ maxWidth: 860 }}>
      <PageHead
        title="Devices"
        above={<TextLink to="/settings">Settings</TextLink>}
        below="Tablets, telephones and other machines that are let in. Each was paired here, with a name, and can be sent away."
      />
      {shared ? null : (
        <Alert severity="info" sx={{ mb: 3 }}>
          The workshop is not shared now, so nothing of this network reaches it.{" "}
          <TextLink to="/settings/sharing">Share with a tablet</TextLink> first.
        </Alert>
      )}
      {pairing && waiting ? <PairingCode pairing={pairing} onStop={() => setPairing(null)} /> : null}
      {pairing && !waiting ? (
        <Alert severity="success" sx={{ mb: 3 }}>
          The code was used, or its five minutes are over. A device that came with it stands first in the list.
        </Alert>
      ) : null}
      {devices.length === 0 ? (
        <EmptyState title="No device yet">
          A tablet at the fitting reads the plan and takes findings where you stand. Choose what it may do, have a code
          made, and hold its camera to the picture.
        </EmptyState>
      ) : (
        <Box component="section" aria-label="Devices that are let in">
          {devices.map((device) => (
            <DeviceCard
              key={`${device.id} ${device.version}`}
              device={device}
              jobs={jobs}
              unsaved={changed === String(device.id) ? unsaved : undefined}
            />
          ))}
        </Box>
      )}
      {waiting ? null : <PairForm jobs={jobs} unsaved={changed === null ? unsaved : undefined} />}
    </Box>
  );
}

/** A code that was made stays on the screen while the page looks whether its device has come. */
function useMade(made: Pairing | null) {
  const [pairing, setPairing] = useState(made);
  useEffect(() => {
    if (made) setPairing(made);
  }, [made]);
  return [pairing, setPairing] as const;
}

/** Looks again while a code stands on the screen: the device may have come. */
function useLookAgain(waiting: boolean) {
  const { revalidate } = useRevalidator();
  useEffect(() => {
    if (!waiting) return;
    const again = setInterval(() => void revalidate(), LOOKED_EVERY_MS);
    return () => clearInterval(again);
  }, [waiting, revalidate]);
}
