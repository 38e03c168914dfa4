import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import type { Reckoned } from "../../../core/calculation/index.ts";
import { LACING_BANDS, lacingWords } from "../../../core/corset/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import type { PullRead } from "../../../core/wear/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { ReckonedValue } from "../calculation/NumberList.tsx";

/** Every pull in the lace with the tension it makes and how hard that presses, in the bands of laced garments. */
export function PullTable({ pulls, numbers }: { pulls: readonly PullRead[]; numbers: readonly Reckoned[] }) {
  const lengths = useLengths();
  if (pulls.length === 0) return null;
  const cell = (id: string) => {
    const number = numbers.find((one) => one.id === id);
    return number ? <ReckonedValue number={number} /> : "—";
  };
  return (
    <Box component="section" aria-labelledby="lace-pulls" sx={{ mb: 3 }}>
      <Typography variant="h3" id="lace-pulls" sx={{ mb: 0.5 }}>
        How hard it presses
      </Typography>
      <Paper sx={{ overflowX: "auto", mb: 1 }}>
        <Box component="table" aria-label="Pressure of the lacing" sx={plainTable}>
          <thead>
            <tr>
              <th scope="col">Level</th>
              <th scope="col">Read</th>
              <th scope="col" className="number">
                Pull
              </th>
              <th scope="col" className="number">
                Gap
              </th>
              <th scope="col" className="number">
                Tension
              </th>
              <th scope="col" className="number">
                Pressure
              </th>
              <th scope="col">Band</th>
            </tr>
          </thead>
          <tbody>
            {pulls.map(({ at, level, on, after, pullN, gapMm, band }) => (
              <tr key={at}>
                <th scope="row" className="words">
                  {level}
                </th>
                <td className="words">{`${on ? `${formatDay(on)}, ` : ""}after ${after} min`}</td>
                <td className="number">{pullN.toFixed(1)} N</td>
                <td className="number">{lengths.amount(gapMm)}</td>
                <td className="number">{cell(`tension.${at}`)}</td>
                <td className="number strong">{cell(`pressure.${at}`)}</td>
                <td className={band === "stop" || band === "reducing" ? "off" : "words"}>{lacingWords(band).word}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Paper>
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
