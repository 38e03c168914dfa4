import Box from "@mui/material/Box";
import { QueueNotice } from "../form/queue/QueueNotice.tsx";
import { useLostAt } from "./connection.ts";
import { useHeldForm } from "./useHeldForm.ts";
import { useMadeAt } from "./useMadeAt.ts";
import { whenWords } from "./whenWords.ts";

/** What has not reached the server yet; while it does not answer also since when, how old the page is, and what becomes of forms. */
export function ConnectionNotice() {
  const lostAt = useLostAt();
  const madeAt = useMadeAt();
  const held = useHeldForm(lostAt !== null);
  if (lostAt === null && madeAt === null) return <QueueNotice />;
  return (
    <Box className="no-print" sx={noticeStyle}>
      <Box role="status">
        <strong>
          {lostAt === null ? "Stenz took too long." : `Without a connection to Stenz since ${whenWords(lostAt)}.`}
        </strong>{" "}
        {madeAt === null ? "" : `This page is as it was at ${whenWords(madeAt)}. `}
        {lostAt === null
          ? "Load it again to see how it is now."
          : "What is put down at a fitting is kept in this browser and goes out by itself; every other form waits until Stenz answers again."}
      </Box>
      {held ? (
        <Box role="alert" sx={{ color: "error.main", fontWeight: 600 }}>
          Not saved. What you typed stays in the form: hand it in again once this notice is gone.
        </Box>
      ) : null}
      <QueueNotice />
    </Box>
  );
}

const noticeStyle = {
  // It stays in sight: whoever scrolled down to a form has to see why it was not saved.
  ...{ position: "sticky", top: 0, zIndex: "appBar" },
  ...{ bgcolor: "bench.sunken", borderBottom: 2, borderColor: "warning.main" },
  "& > *": { px: { xs: 1.5, md: 3 }, py: 0.75 },
} as const;
