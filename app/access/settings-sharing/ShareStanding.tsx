import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import type { ShareState } from "../../.server/sharing/sharingSwitch.ts";
import { TextLink } from "../../frame/TextLink.tsx";

/** Whether the workshop is shared now, at which addresses, and by what the certificate is known. */
export function ShareStanding({ state, devices }: { readonly state: ShareState; readonly devices: number }) {
  if (!state.on)
    return state.fault === null ? null : (
      <Alert severity="warning" sx={{ mb: 3 }}>
        {state.fault}
      </Alert>
    );
  return (
    <Paper component="section" aria-label="Shared now" sx={{ p: 2, mb: 3 }}>
      <Typography sx={{ fontWeight: 700 }}>Shared now</Typography>
      <Box component="dl" sx={standingStyle}>
        <dt>{state.addresses.length === 1 ? "Address" : "Addresses"}</dt>
        <dd>
          {state.addresses.map((address) => (
            <div key={address}>{address}</div>
          ))}
        </dd>
        <dt>Fingerprint of the certificate</dt>
        <dd>{state.fingerprint ? <Fingerprint of={state.fingerprint} /> : "none: it can be overheard"}</dd>
        {state.authority ? (
          <>
            <dt>Without warnings, and without a network</dt>
            <dd>
              <Trusting addresses={state.addresses} fingerprint={state.authority.fingerprint} />
            </dd>
          </>
        ) : null}
        <dt>Devices</dt>
        <dd>
          {devices === 0 ? "none yet" : devices}, <TextLink to="/settings/devices">pair or send away</TextLink>
        </dd>
      </Box>
    </Paper>
  );
}

/** How a device is had to trust the certificate made here: until then it warns, and keeps no page for use without a network. */
export function Trusting({
  addresses,
  fingerprint,
}: {
  readonly addresses: readonly string[];
  readonly fingerprint: string;
}) {
  return (
    <>
      On a device that is the workshop’s own, open <strong>{addresses[0]}certificate</strong> and add the file, in the
      settings of the device, as an authority it trusts, if it shows this fingerprint: <Fingerprint of={fingerprint} />.
      It can vouch for nothing but private networks and this machine.
    </>
  );
}

/** In groups, as browsers show it, to be compared by eye. */
export function Fingerprint({ of }: { readonly of: string }) {
  return (
    <Box component="code" sx={{ fontSize: "0.85rem", overflowWrap: "anywhere" }}>
      {of.replaceAll(":", " ")}
    </Box>
  );
}

const standingStyle = {
  ...{
    display: "grid",
    gridTemplateColumns: "minmax(120px, 190px) 1fr",
    columnGap: 2,
    rowGap: 0.75,
    mt: 1,
    mb: 0,
  },
  "& dt": { color: "text.secondary" },
  "& dd": { m: 0, overflowWrap: "anywhere" },
} as const;
