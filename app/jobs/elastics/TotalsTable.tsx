import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import type { ElasticTotal } from "../../../core/elastics/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";

/** What is bought of each elastic, with what is spare. */
export function TotalsTable({ totals }: { totals: readonly ElasticTotal[] }) {
  const lengths = useLengths();
  return (
    <>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        To buy
      </Typography>
      <Paper sx={{ overflowX: "auto", mb: 2, maxWidth: 640 }}>
        <Box component="table" aria-label="Elastics to buy" sx={plainTable}>
          <thead>
            <tr>
              <th scope="col">Elastic</th>
              <th scope="col">Kind</th>
              <th scope="col" className="number">
                Width
              </th>
              <th scope="col" className="number">
                Cut, {lengths.unit}
              </th>
              <th scope="col" className="number">
                With 8 % spare
              </th>
            </tr>
          </thead>
          <tbody>
            {totals.map(({ id, name, kind, widthMm, cutMm, buyMm, explanation }) => (
              <tr key={id ?? "none"}>
                <th scope="row" className="words">
                  {name}
                </th>
                <td className="words">{kind || "—"}</td>
                <td className="number">{widthMm === null ? "—" : lengths.amount(widthMm)}</td>
                <td className="number">{lengths.bare(cutMm)}</td>
                <td className="number strong">
                  <Why label={`${name}, to buy`} explain={() => explanation}>
                    {lengths.bare(buyMm)}
                  </Why>
                </td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Paper>
    </>
  );
}
