import Box from "@mui/material/Box";
import type { Reckoned } from "../../../core/calculation/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { writeNumber } from "../../frame/why/writeNumber.ts";

/** Computed numbers in a column, each opening its formula; those that matter most stand larger. */
export function NumberList({
  label,
  numbers,
  strong = [],
}: {
  label: string;
  numbers: readonly Reckoned[];
  strong?: readonly string[];
}) {
  if (numbers.length === 0) return null;
  return (
    <Box
      component="dl"
      aria-label={label}
      sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr) auto", m: 0, mb: 1.5 }}
    >
      {numbers.map((number) => (
        <Box key={number.id} sx={rowStyle}>
          <Box component="dt" sx={{ color: "text.secondary", py: 0.4 }}>
            {number.name}
          </Box>
          <Box
            component="dd"
            sx={{
              m: 0,
              py: 0.4,
              pl: 2,
              textAlign: "right",
              fontVariantNumeric: "tabular-nums",
              fontWeight: strong.includes(number.id) ? 750 : 600,
              fontSize: strong.includes(number.id) ? "1.2rem" : "1rem",
            }}
          >
            <ReckonedValue number={number} />
          </Box>
        </Box>
      ))}
    </Box>
  );
}

/** One computed number that opens its formula. */
export function ReckonedValue({ number }: { number: Reckoned }) {
  const lengths = useLengths();
  const { value, unit } = number.explanation.result;
  return (
    <Why label={number.name} explain={() => number.explanation}>
      {writeNumber(value, unit, lengths)}
    </Why>
  );
}

const rowStyle = {
  display: "contents",
  "& > *": { borderBottom: "1px solid", borderColor: "divider" },
  "&:last-of-type > *": { borderBottom: 0 },
} as const;
