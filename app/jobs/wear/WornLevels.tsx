import type { Reckoned } from "../../../core/calculation/index.ts";
import type { LevelWorn } from "../../../core/wear/index.ts";
import { RowTable } from "../../frame/RowTable.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { numberCells } from "../calculation/numberCells.tsx";

/** Level by level: the body, what was planned, and how far it closed on a form and on the wearer. */
export function WornLevels({ levels, numbers }: { levels: readonly LevelWorn[]; numbers: readonly Reckoned[] }) {
  const lengths = useLengths();
  const form = levels.some(({ onFormMm }) => onFormMm !== null);
  const wearer = levels.some(({ onWearerMm }) => onWearerMm !== null);
  const cell = numberCells(numbers);
  const heads = [
    ...["Body", "Planned closed"],
    ...(form ? ["Closed on the form"] : []),
    ...(wearer ? ["Closed on the wearer", "Gap"] : []),
  ];
  return (
    <RowTable
      label="On the body and on the form"
      columns={[{ head: "Level" }, ...heads.map((head) => ({ head, as: "number" as const }))]}
      rows={levels.map(({ level, name, bodyMm, plannedMm }) => ({
        key: level,
        head: name,
        cells: [
          lengths.length(bodyMm),
          lengths.length(plannedMm),
          ...(form ? [cell(`form.${level}`)] : []),
          ...(wearer ? [{ show: cell(`wearer.${level}`), look: "strong" as const }, cell(`gap.${level}`)] : []),
        ],
      }))}
    />
  );
}
