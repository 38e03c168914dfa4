import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import { type Layout, numberedPieces, placedExtent } from "../../../core/layout/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Where each piece lies, to be measured on the table. */
export function PlacedList({ layout }: { layout: Layout }) {
  const lengths = useLengths();
  return (
    <Paper sx={{ overflowX: "auto", mb: 2 }}>
      <Box component="table" aria-label="Where each piece lies" sx={plainTable}>
        <thead>
          <tr>
            <th scope="col" className="number">
              No.
            </th>
            <th scope="col">Piece</th>
            <th scope="col" className="number">
              Along, {lengths.unit}
            </th>
            <th scope="col" className="number">
              Across, {lengths.unit}
            </th>
            <th scope="col">How</th>
          </tr>
        </thead>
        <tbody>
          {numberedPieces(layout.placed).map(({ number, placed }) => {
            const { from, to, how } = placedExtent(placed);
            return (
              <tr key={number}>
                <td className="number">{number}</td>
                <th scope="row" className="words">
                  {placed.shape.name}
                </th>
                <td className="number">{`${lengths.bare(from.x)} to ${lengths.bare(to.x)}`}</td>
                <td className="number">{`${lengths.bare(from.y)} to ${lengths.bare(to.y)}`}</td>
                <td className="words">{how}</td>
              </tr>
            );
          })}
        </tbody>
      </Box>
    </Paper>
  );
}
