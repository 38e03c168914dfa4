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
    <Box component="dl" aria-label={label} sx={listStyle}>
      {numbers.map((number) => (
        <div key={number.id}>
          <dt>{number.name}</dt>
          <dd className={strong.includes(number.id) ? "strong" : undefined}>
            <ReckonedValue number={number} />
          </dd>
        </div>
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

/** One style for all of the list: it is drawn anew with every key that is typed beside it. */
const listStyle = {
  display: "grid",
  gridTemplateColumns: "minmax(0, 1fr) auto",
  m: 0,
  mb: 1.5,
  "& > div": { display: "contents" },
  "& dt, & dd": { py: 0.4, borderBottom: "1px solid", borderColor: "divider" },
  "& > div:last-of-type > *": { borderBottom: 0 },
  "& dt": { color: "text.secondary" },
  "& dd": {
    m: 0,
    pl: 2,
    textAlign: "right",
    fontVariantNumeric: "tabular-nums",
    fontWeight: 600,
    fontSize: "1rem",
    "&.strong": { fontWeight: 750, fontSize: "1.2rem" },
  },
} as const;
