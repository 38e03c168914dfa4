import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect } from "react";
import { lookForServer, onReached } from "./connection.ts";
import { KeptPagesList } from "./KeptPagesList.tsx";
import { keptPages, keptStores } from "./keptPages.ts";

/** True for what a browser throws where nobody answered; each says it in words of its own. */
export const isNetworkFailure = (error: unknown): boolean =>
  error instanceof TypeError && /fetch|network|load failed/i.test(error.message);

/**
 * In place of a page that could not be fetched. Where this device keeps it whole it is opened from there; otherwise it says so, and
 * opens it by itself once the server answers.
 */
export function LostView() {
  useEffect(() => {
    lookForServer();
    const here = window.location.pathname + window.location.search;
    void keptPages(keptStores())
      .then((pages) => pages.some(({ path }) => path === here) && window.location.reload())
      .catch(() => undefined);
    return onReached(() => window.location.reload());
  }, []);
  return (
    <Box sx={{ py: 4, maxWidth: 640 }}>
      <Typography variant="h1" sx={{ mb: 2 }}>
        Stenz does not answer.
      </Typography>
      <Typography sx={{ mb: 2 }}>
        Nothing was half-saved: an action is stored whole or not at all. What was put down at a fitting waits in this
        browser and goes out by itself. This page opens once Stenz answers again.
      </Typography>
      <Button variant="contained" onClick={() => window.location.reload()} sx={{ mb: 4 }}>
        Try again now
      </Button>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Pages kept on this device
      </Typography>
      <KeptPagesList />
    </Box>
  );
}
