import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { lookForServer, onReached } from "../connection.ts";
import { KeptPagesList } from "../KeptPagesList.tsx";

export const meta = () => [{ title: "Without a connection · Stenz" }];

/** Kept on every device, where it says nothing of the workshop. */
export const handle = { bare: true };

/** Comes up in place of a page that is not kept on a device while the server does not answer. */
export default function WithoutNetwork() {
  // The service worker tells it behind “#”: this page is the same for all of them.
  const [asked, setAsked] = useState("");
  useEffect(() => {
    const told = window.location.hash.slice(1);
    // Only an address of this workshop: two strokes would begin another's.
    const address = /^\/(?!\/)/.test(told) ? told : "/";
    setAsked(address);
    lookForServer();
    return onReached(() => window.location.assign(address));
  }, []);
  return (
    <>
      <Typography variant="h1" sx={{ mb: 2 }}>
        Without a connection to Stenz
      </Typography>
      <Typography sx={{ mb: 3 }}>
        {asked === "" || asked === "/" ? "The page" : <code>{asked}</code>} is not kept on this device. It opens by
        itself once Stenz answers again.
      </Typography>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Pages kept on this device
      </Typography>
      <KeptPagesList />
    </>
  );
}
