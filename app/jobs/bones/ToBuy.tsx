import Typography from "@mui/material/Typography";
import { BONE_KINDS, type BoneToBuy } from "../../../core/bones/index.ts";
import { RowTable } from "../../frame/RowTable.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** What is bought: lengths, kinds and counts, both sides together. */
export function ToBuy({ lines }: { lines: readonly BoneToBuy[] }) {
  const lengths = useLengths();
  if (lines.length === 0) return null;
  return (
    <>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        To buy
      </Typography>
      <RowTable
        label="Bones to buy"
        columns={[
          { head: "Bones" },
          { head: "Length", as: "number" },
          { head: "Count", as: "number" },
          { head: "For" },
        ]}
        rows={lines.map(({ kind, lengthMm, count, where }) => ({
          key: `${kind} ${lengthMm}`,
          head: BONE_KINDS[kind],
          cells: [{ show: lengths.length(lengthMm), look: "strong" }, { show: count, look: "strong" }, where],
        }))}
      />
    </>
  );
}
