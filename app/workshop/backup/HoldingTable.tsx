import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { formatDay } from "../../../core/units/index.ts";
import type { Counts, Holding } from "../../../data/backup/index.ts";
import { RowTable } from "../../frame/RowTable.tsx";
import { timeWords } from "../backups/backupWords.ts";
import { COUNT_NAMES } from "./countNames.ts";

interface HoldingTableProps {
  readonly holding: Holding;
  /** What the workshop holds now. */
  readonly now: Holding;
}

/** What a backup holds beside what there is now, kind by kind, and what was written last in either. */
export function HoldingTable({ holding, now }: HoldingTableProps) {
  return (
    <>
      <RowTable
        label="What would change"
        columns={[{ head: "" }, ...["Now", "In the backup", "Change"].map((head) => ({ head, as: "number" as const }))]}
        rows={(Object.keys(COUNT_NAMES) as (keyof Counts)[]).map((kind) => {
          const change = holding.counts[kind] - now.counts[kind];
          return {
            key: kind,
            head: COUNT_NAMES[kind],
            cells: [
              now.counts[kind],
              holding.counts[kind],
              change === 0
                ? "—"
                : { show: `${change > 0 ? "+" : "−"}${Math.abs(change)}`, look: change < 0 ? "off" : "strong" },
            ],
          };
        })}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 3 }}>
        <Newest title="Written last, now" of={now} />
        <Newest title="Written last, in the backup" of={holding} />
      </Box>
    </>
  );
}

function Newest({ title, of }: { readonly title: string; readonly of: Holding }) {
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        {title}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5, color: "text.secondary" }}>
        {of.newest.map(({ what, at }) => (
          <li key={`${what} ${at}`}>
            {what}, {at.length > 10 ? timeWords(at) : formatDay(at)}
          </li>
        ))}
      </Box>
    </Box>
  );
}
