import Box from "@mui/material/Box";
import TableCell from "@mui/material/TableCell";
import { explainSewing, type Step } from "../../../core/fitting/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";

/** Heads over {@link BeforeCells}; in front of the first prototype, over what body and cloth alone give. */
export function BeforeHeads({ beforeNumber }: { beforeNumber: number | null }) {
  if (beforeNumber === null) return <TableCell align="right">From body and cloth</TableCell>;
  return (
    <>
      <TableCell align="right">Planned for {beforeNumber}</TableCell>
      <TableCell align="right">Sewn</TableCell>
      <TableCell align="right">Changed</TableCell>
    </>
  );
}

/** What the prototype before was planned and sewn to, and what was decided since: of a girth or a length. */
export function BeforeCells({ step, name }: { step: Step; name: string }) {
  const lengths = useLengths();
  const { beforeMm, sewnMm, sewing, changedSinceMm, movedMm } = step;
  return (
    <>
      <TableCell align="right">{beforeMm === null ? "—" : lengths.bare(beforeMm)}</TableCell>
      <TableCell align="right">
        {sewnMm === null || beforeMm === null ? (
          <Box component="span" sx={{ color: "text.secondary" }}>
            not measured
          </Box>
        ) : (
          <>
            {lengths.bare(sewnMm)}
            {sewing?.flagged ? (
              <Box sx={{ color: "warning.main", fontWeight: 650, fontSize: "0.85rem" }}>
                <Why label={`${name}, sewing error`} explain={() => explainSewing(name, sewnMm, beforeMm)}>
                  {lengths.difference(sewing.errorMm)}
                </Why>
              </Box>
            ) : null}
          </>
        )}
      </TableCell>
      <TableCell align="right">
        {changedSinceMm === 0 ? "—" : lengths.difference(changedSinceMm)}
        {Math.abs(movedMm) < 0.05 ? null : (
          <Box sx={{ fontSize: "0.85rem", color: "text.secondary" }}>plan moved {lengths.difference(movedMm)}</Box>
        )}
      </TableCell>
    </>
  );
}
