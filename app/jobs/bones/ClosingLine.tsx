import Typography from "@mui/material/Typography";
import type { ClosingMark } from "../../../core/bones/index.ts";
import type { Reckoned } from "../../../core/calculation/index.ts";
import { type Cell, RowTable } from "../../frame/RowTable.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { numberCells } from "../calculation/numberCells.tsx";

/** Sides that differ by less are marked as one, mm. */
const ALIKE_MM = 1;

/** Where it closes, level by level: half of the closed girth on either side of the marked centre; sides that differ stay apart. */
export function ClosingLine({ line, numbers }: { line: readonly ClosingMark[]; numbers: readonly Reckoned[] }) {
  const lengths = useLengths();
  const cell = numberCells(numbers);
  const marked = line.some(({ leftMm, rightMm }) => leftMm !== null || rightMm !== null);
  const written = (mm: number | null) => (mm === null ? "—" : lengths.length(mm));
  const apart = ({ leftMm, rightMm }: ClosingMark): Cell => {
    if (leftMm === null || rightMm === null) return "—";
    const shown = lengths.difference(leftMm - rightMm);
    return Math.abs(leftMm - rightMm) > ALIKE_MM ? { show: shown, look: "off" } : shown;
  };
  const heads = ["Half of it", ...(marked ? ["Left", "Right", "Left less right"] : [])];
  return (
    <>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Closing line
      </Typography>
      <Typography sx={{ mb: 1, color: "text.secondary", fontSize: "0.92rem" }}>
        Mark the centre on the body, and half of the closed girth to either side. Sides that differ are marked, not
        averaged.
      </Typography>
      <RowTable
        label="Closing line"
        maxWidth={640}
        columns={[{ head: "Level" }, ...heads.map((head) => ({ head, as: "number" as const }))]}
        rows={line.map((mark) => ({
          key: mark.level,
          head: mark.name,
          cells: [
            { show: cell(`half.${mark.level}`), look: "strong" },
            ...(marked ? [written(mark.leftMm), written(mark.rightMm), apart(mark)] : []),
          ],
        }))}
      />
    </>
  );
}
