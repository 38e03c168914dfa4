import Box from "@mui/material/Box";
import type { CutWay } from "../../../core/fitting/index.ts";
import { DOING_WORDS } from "../../../core/fitting/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** So many pieces are told; a boned garment has many that change alike. */
const MOST_TOLD = 4;

/** How a remedy would come onto the pieces of this prototype: what is drawn on which, or what is done by hand. */
export function WayWords({ way }: { way: CutWay | undefined }) {
  const lengths = useLengths();
  if (!way) return null;
  const { lines, instead } = way;
  if (instead)
    return (
      <Box
        component="span"
        sx={{ display: "block", color: instead.startsWith("By hand") ? "warning.main" : "inherit" }}
      >
        {lengths.told(instead)}
      </Box>
    );
  if (lines.length === 0) return null;
  const rest = lines.length - MOST_TOLD;
  return (
    <Box component="span" sx={{ display: "block" }}>
      On the pieces:{" "}
      {lines.slice(0, MOST_TOLD).map(({ piece, line, doing, amountMm, edges }, at) => (
        <span key={`${piece} ${line}`}>
          {at > 0 ? "; " : ""}
          {piece}, {DOING_WORDS[doing].toLowerCase()} <strong>{lengths.amount(Math.abs(amountMm))}</strong>
          {edges > 1 ? ` at each of ${edges} edges` : ""}: {line}
        </span>
      ))}
      {rest > 0 ? `; and ${rest} more alike` : ""}.
    </Box>
  );
}
