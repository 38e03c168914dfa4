import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import type { Sending } from "../../form/queue/sendingStore.ts";

interface WaitingListProps {
  readonly sendings: readonly Sending[];
  /** Gives a refused sending up; the form of a finding is opened again with its fields. */
  readonly onOpen: (sending: Sending) => void;
}

/** Entries of this fitting that the server has not got yet, or would not keep. */
export function WaitingList({ sendings, onOpen }: WaitingListProps) {
  return sendings.map((sending) => (
    <Paper
      key={sending.key}
      component="article"
      aria-label={`Not sent: ${sending.told}`}
      sx={{
        p: 2,
        mb: 2,
        borderStyle: "dashed",
        borderLeft: 5,
        borderColor: sending.refused ? "error.main" : "divider",
      }}
    >
      <Box component="h3" sx={{ m: 0, fontSize: "1.08rem" }}>
        {sending.told}
      </Box>
      {sending.refused ? (
        <>
          <Box sx={{ color: "error.main", mb: 1 }}>{Object.values(sending.refused).join(" ")}</Box>
          <Button variant="outlined" onClick={() => onOpen(sending)}>
            {sending.fields.intent === "finding" ? "Open it again" : "Give it up, and say it anew"}
          </Button>
        </>
      ) : (
        <Box sx={{ color: "text.secondary" }}>Kept in this browser; not sent yet.</Box>
      )}
    </Paper>
  ));
}
