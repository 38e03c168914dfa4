import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { memo } from "react";
import { type Draft, girthsOf } from "../../core/drafting/index.ts";
import { explainGirth, levelName } from "../../core/pieces/index.ts";
import { plainTable } from "../frame/plainTable.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { Why } from "../frame/why/WhyDrawer.tsx";

/** What the pieces come to at every level and along every loop, against the plan. */
export const GirthTable = memo(function GirthTable({ draft }: { draft: Draft }) {
  const lengths = useLengths();
  const { girths, openLevels } = girthsOf(draft);
  if (girths.length === 0) return null;
  return (
    <>
      <Paper sx={{ overflowX: "auto", mb: 1 }}>
        <Box component="table" aria-label="Girths of the pieces against the plan" sx={plainTable}>
          <thead>
            <tr>
              <th scope="col">All round, {lengths.unit}</th>
              <th scope="col" className="number">
                Planned
              </th>
              <th scope="col" className="number">
                Pieces
              </th>
              <th scope="col" className="number">
                Pieces − plan
              </th>
            </tr>
          </thead>
          <tbody>
            {girths.map((girth) => {
              const off = girth.piecesMm - girth.plannedMm;
              return (
                <tr key={girth.level}>
                  <th scope="row">{levelName(girth.level)}</th>
                  <td className="number">{lengths.bare(girth.plannedMm)}</td>
                  <td className="number strong">
                    <Why
                      label={`Pieces at ${levelName(girth.level).toLowerCase()}`}
                      explain={() => explainGirth(draft, girth)}
                    >
                      {lengths.bare(girth.piecesMm)}
                    </Why>
                  </td>
                  <td className={Math.abs(off) > 1 ? "number off" : "number"}>{lengths.difference(off)}</td>
                </tr>
              );
            })}
          </tbody>
        </Box>
      </Paper>
      {openLevels.length > 0 ? (
        <Typography sx={{ mb: 2, fontSize: "0.92rem", color: "text.secondary" }}>
          Not all round, so not counted: {openLevels.map((level) => levelName(level).toLowerCase()).join(", ")}. An edge
          cuts it off.
        </Typography>
      ) : null}
    </>
  );
});
