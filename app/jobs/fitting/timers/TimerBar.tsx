import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { TextLink } from "../../../frame/TextLink.tsx";
import { dropTimer } from "./timerStore.ts";
import { clock, useTimers } from "./useTimers.ts";

/** Under this, a timer needs no reminder on other pages: one waits for it, s. */
const SHORT_S = 60;

/** Timers that run while a garment is worn, on every page: how long still, and a reminder when the time is over. */
export function TimerBar() {
  const timers = useTimers();
  return (
    <>
      {timers.map(({ id, label, href, leftS }) =>
        leftS === 0 ? (
          <Alert
            key={id}
            severity="warning"
            role="alert"
            className="no-print"
            sx={{ borderRadius: 0 }}
            action={<Button onClick={() => dropTimer(id)}>Seen</Button>}
          >
            The time is over: <TextLink to={href}>{label}</TextLink>
          </Alert>
        ) : leftS > SHORT_S ? (
          <Box
            key={id}
            className="no-print"
            sx={{
              px: 3,
              py: 0.5,
              bgcolor: "bench.sunken",
              fontSize: "0.95rem",
              borderBottom: 1,
              borderColor: "divider",
            }}
          >
            <TextLink to={href}>{label}</TextLink>: <strong>{clock(leftS)}</strong> left
          </Box>
        ) : null,
      )}
    </>
  );
}
