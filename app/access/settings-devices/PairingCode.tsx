import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Form } from "react-router";
import { Fingerprint } from "../settings-sharing/ShareStanding.tsx";

/** A code that was made just now, with a picture of each address that carries it. */
export interface Pairing {
  readonly code: string;
  readonly until: string;
  readonly pictures: readonly { readonly address: string; readonly picture: string }[];
  readonly fingerprint: string | null;
}

/** What a device is held to: the picture, and the code to be typed where it has no camera. */
export function PairingCode({
  pairing: { code, pictures, fingerprint },
  onStop,
}: {
  readonly pairing: Pairing;
  readonly onStop: () => void;
}) {
  const [at, setAt] = useState(0);
  const shown = pictures[at] ?? pictures[0];
  if (!shown) return null;
  return (
    <Paper component="section" aria-label="Code for a device" sx={codeStyle}>
      <Box component="img" src={shown.picture} alt={`QR picture of ${shown.address} with the code`} sx={pictureStyle} />
      <Box sx={{ flex: "1 1 280px", minWidth: 0 }}>
        <Typography>Hold the camera of the tablet to the picture, or open</Typography>
        <Typography sx={{ fontWeight: 700, overflowWrap: "anywhere" }}>{shown.address}</Typography>
        <Typography sx={{ mt: 1 }}>and type</Typography>
        <Typography
          component="output"
          sx={{ fontSize: "2.4rem", fontWeight: 700, letterSpacing: "0.12em", display: "block" }}
        >
          {code.slice(0, 3)} {code.slice(3)}
        </Typography>
        <Typography sx={{ color: "text.secondary", fontSize: "0.92rem" }}>
          Good for five minutes, and for one device. This page sees when it has come.
        </Typography>
        {fingerprint ? (
          <Typography sx={{ mt: 1.5, fontSize: "0.92rem" }}>
            Fingerprint the tablet should show: <Fingerprint of={fingerprint} />
          </Typography>
        ) : (
          <Typography sx={{ mt: 1.5, fontSize: "0.92rem", color: "warning.main" }}>
            Without a certificate this code can be overheard while it is sent.
          </Typography>
        )}
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 1.5 }}>
          {pictures.length > 1 ? (
            <Button onClick={() => setAt((at + 1) % pictures.length)}>Another address</Button>
          ) : null}
          <Form method="post" onSubmit={onStop}>
            <Button type="submit" name="intent" value="stop">
              Not now
            </Button>
          </Form>
        </Box>
      </Box>
    </Paper>
  );
}

const codeStyle = { p: 2, mb: 3, display: "flex", gap: 3, flexWrap: "wrap", alignItems: "flex-start" } as const;

/** The picture stays black on white, whatever the light: cameras ask for it. */
const pictureStyle = { width: 240, height: 240, bgcolor: "#fff", borderRadius: 1 } as const;
