import Box from "@mui/material/Box";
import { useSendQueue } from "./SendQueue.tsx";

/** Says on every page what has not reached the server yet. */
export function QueueNotice() {
  const { sendings } = useSendQueue();
  const waiting = sendings.filter(({ refused }) => refused === null);
  if (waiting.length === 0) return null;
  return (
    <Box
      role="status"
      className="no-print"
      sx={{ px: { xs: 1.5, md: 3 }, py: 0.75, bgcolor: "bench.sunken", borderBottom: 1, borderColor: "divider" }}
    >
      <strong>{waiting.length === 1 ? "1 entry is" : `${waiting.length} entries are`} not sent yet.</strong> Kept in
      this browser; they go out by themselves, in order, once Stenz answers again.
    </Box>
  );
}
