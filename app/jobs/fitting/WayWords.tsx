import Box from "@mui/material/Box";
import { type CutOn, type CutWay, DOING_WORDS } from "../../../core/fitting/index.ts";
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
  const told = alike(lines);
  const rest = told.length - MOST_TOLD;
  return (
    <Box component="span" sx={{ display: "block" }}>
      On the pieces:{" "}
      {told.slice(0, MOST_TOLD).map(({ pieces, line, doing, amountMm, edges }, at) => (
        <span key={`${pieces} ${line}`}>
          {at > 0 ? "; " : ""}
          {pieces}, {DOING_WORDS[doing].toLowerCase()} <strong>{lengths.amount(Math.abs(amountMm))}</strong>
          {edges > 1 ? ` at each of ${edges} edges` : ""}: {line}
        </span>
      ))}
      {rest > 0 ? `; and ${rest} more alike` : ""}.
    </Box>
  );
}

/** What is done alike on several pieces, told once. */
function alike(lines: CutWay["lines"]): (Omit<CutOn, "piece"> & { readonly pieces: string })[] {
  const groups = new Map<string, { of: CutOn; pieces: string[] }>();
  for (const one of lines) {
    const key = [one.line, one.doing, one.amountMm.toFixed(2), one.edges].join("|");
    const group = groups.get(key);
    if (group) group.pieces.push(one.piece);
    else groups.set(key, { of: one, pieces: [one.piece] });
  }
  return [...groups.values()].map(({ of: { piece: _first, ...of }, pieces }) => ({
    ...of,
    pieces: pieces.join(" and "),
  }));
}
