import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { BONE_KINDS, type BoneToBuy } from "../../../core/bones/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
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
      <Paper sx={{ overflowX: "auto", mb: 2 }}>
        <Box component="table" aria-label="Bones to buy" sx={plainTable}>
          <thead>
            <tr>
              <th scope="col">Bones</th>
              <th scope="col" className="number">
                Length
              </th>
              <th scope="col" className="number">
                Count
              </th>
              <th scope="col">For</th>
            </tr>
          </thead>
          <tbody>
            {lines.map(({ kind, lengthMm, count, where }) => (
              <tr key={`${kind} ${lengthMm}`}>
                <th scope="row" className="words">
                  {BONE_KINDS[kind]}
                </th>
                <td className="number strong">{lengths.length(lengthMm)}</td>
                <td className="number strong">{count}</td>
                <td>{where}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Paper>
    </>
  );
}
