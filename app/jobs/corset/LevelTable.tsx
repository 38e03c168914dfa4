import type { Reckoned } from "../../../core/calculation/index.ts";
import { CORSET_LEVEL_NAMES, type CorsetPlan } from "../../../core/corset/index.ts";
import { RowTable } from "../../frame/RowTable.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { numberCells } from "../calculation/numberCells.tsx";

/** Every level from the top down: the body, and what closes round it. */
export function LevelTable({ plan, numbers }: { plan: CorsetPlan; numbers: readonly Reckoned[] }) {
  const lengths = useLengths();
  const cell = numberCells(numbers);
  const heads = ["Body", "Closed", "Taken off", "Pattern", ...(plan.layers ? ["Inside"] : [])];
  return (
    <RowTable
      label="Level by level"
      columns={[{ head: "Level" }, ...heads.map((head) => ({ head, as: "number" as const }))]}
      rows={plan.levels.map(({ level, bodyMm }) => ({
        key: level,
        head: CORSET_LEVEL_NAMES[level],
        cells: [
          level === "lowerEdge" && plan.between ? cell("body.lowerEdge") : lengths.length(bodyMm),
          { show: cell(`closed.${level}`), look: "strong" },
          cell(`reduction.${level}`),
          cell(`pattern.${level}`),
          ...(plan.layers ? [cell(`inner.${level}`)] : []),
        ],
      }))}
    />
  );
}
