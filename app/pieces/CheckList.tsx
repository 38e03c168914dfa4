import CheckIcon from "@mui/icons-material/Check";
import PriorityHighIcon from "@mui/icons-material/PriorityHigh";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { CheckAnswer } from "../../core/drafting/index.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import type { EdgeId } from "./edgePlaces.ts";

/** Every rule the pieces were held against: what is broken first, each with the way to its place. */
export function CheckList({ checks, onLit }: { checks: readonly CheckAnswer[]; onLit: (edge: EdgeId | null) => void }) {
  const lengths = useLengths();
  const inOrder = checks.toSorted((a, b) => Number(a.ok) - Number(b.ok));
  return (
    <Box component="ul" aria-label="Rules" sx={listStyle}>
      {inOrder.map(({ id, ok, message, piece, edge }) => (
        <li key={`${id} ${message}`} className={ok ? "holds" : "broken"}>
          <span className="mark">
            {ok ? <CheckIcon fontSize="small" /> : <PriorityHighIcon fontSize="small" />}
            <span className="unseen">{ok ? "Holds: " : "Broken: "}</span>
          </span>
          <span>{lengths.told(message)}</span>
          {!ok && piece && edge ? (
            <Button size="small" onClick={() => onLit({ piece, edge })}>
              Show
            </Button>
          ) : null}
        </li>
      ))}
    </Box>
  );
}

const listStyle = {
  listStyle: "none",
  m: 0,
  mb: 2,
  p: 0,
  position: "relative",
  "& li": { display: "flex", gap: 1, py: 0.4, alignItems: "baseline" },
  "& .mark": { alignSelf: "center" },
  "& .holds": { color: "text.secondary", "& .mark": { color: "success.main" } },
  "& .broken .mark": { color: "warning.main" },
} as const;
