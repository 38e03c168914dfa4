import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Reckoned } from "../../../core/calculation/index.ts";
import { LACING_BANDS, lacingWords } from "../../../core/corset/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import type { PullRead } from "../../../core/wear/index.ts";
import { RowTable } from "../../frame/RowTable.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { numberCells } from "../calculation/numberCells.tsx";

/** Every pull in the lace with the tension it makes and how hard that presses, in the bands of laced garments. */
export function PullTable({ pulls, numbers }: { pulls: readonly PullRead[]; numbers: readonly Reckoned[] }) {
  const lengths = useLengths();
  if (pulls.length === 0) return null;
  const cell = numberCells(numbers);
  return (
    <Box component="section" aria-labelledby="lace-pulls" sx={{ mb: 3 }}>
      <Typography variant="h3" id="lace-pulls" sx={{ mb: 0.5 }}>
        How hard it presses
      </Typography>
      <RowTable
        label="Pressure of the lacing"
        columns={[
          { head: "Level" },
          { head: "Read", as: "words" },
          ...["Pull", "Gap", "Tension", "Pressure"].map((head) => ({ head, as: "number" as const })),
          { head: "Band", as: "words" },
        ]}
        rows={pulls.map(({ at, level, on, after, pullN, gapMm, band }) => ({
          key: at,
          head: level,
          cells: [
            `${on ? `${formatDay(on)}, ` : ""}after ${after} min`,
            `${pullN.toFixed(1)} N`,
            lengths.amount(gapMm),
            cell(`tension.${at}`),
            { show: cell(`pressure.${at}`), look: "strong" },
            band === "stop" || band === "reducing"
              ? { show: lacingWords(band).word, look: "off" }
              : lacingWords(band).word,
          ],
        }))}
      />
      <Box component="ul" aria-label="Bands" sx={{ m: 0, pl: 2.5, fontSize: "0.9rem", color: "text.secondary" }}>
        {LACING_BANDS.map(({ band, word, care }) => (
          <li key={band}>
            <strong>{word}</strong> {BAND_KPA[band]}: {care}
          </li>
        ))}
      </Box>
    </Box>
  );
}

const BAND_KPA = {
  support: "under 2.7 kPa",
  firm: "to 5 kPa",
  reducing: "to 8 kPa",
  stop: "above 8 kPa",
} as const;
