import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { garmentOverWrap, SEAM_TOLERANCE_MM, type SeamPair, type WrapGirth } from "../../../core/torso/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { ReckonedValue } from "../../jobs/calculation/NumberList.tsx";

/** The girths of a wrap beside the taped ones, and what each planned garment takes off the wrap there. */
export function WrapGirths({
  girths,
  garments,
}: {
  girths: readonly WrapGirth[];
  /** Planned girths of the wearer's jobs, by zone. */
  garments: readonly { readonly job: string; readonly girthsMm: Readonly<Partial<Record<string, number>>> }[];
}) {
  const lengths = useLengths();
  return (
    <Paper sx={{ overflowX: "auto", mb: 1 }}>
      <Table size="small" aria-label="The wrap against the tape">
        <TableHead>
          <TableRow>
            <TableCell />
            <TableCell align="right">Wrap</TableCell>
            <TableCell align="right">Taped</TableCell>
            <TableCell align="right">Wrap over tape</TableCell>
            {garments.map(({ job }) => (
              <TableCell key={job} align="right">
                Garment over wrap, {job}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {girths.map(({ zone, name, wrap, tapedMm, looser }) => (
            <TableRow key={zone}>
              <TableCell component="th">{name}</TableCell>
              <TableCell align="right" sx={{ fontWeight: 700 }}>
                <ReckonedValue number={wrap} />
              </TableCell>
              <TableCell align="right">{tapedMm === null ? "not taken" : lengths.length(tapedMm)}</TableCell>
              <TableCell align="right">{looser ? <ReckonedValue number={looser} /> : "—"}</TableCell>
              {garments.map(({ job, girthsMm }) => {
                const planned = girthsMm[zone];
                return (
                  <TableCell key={job} align="right">
                    {planned === undefined ? (
                      "—"
                    ) : (
                      <ReckonedValue number={garmentOverWrap(name, job, planned, wrap.explanation.result.value)} />
                    )}
                  </TableCell>
                );
              })}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}

/** Every seam with its two sides: edges that are sewn together must be of one length. */
export function SeamPairs({ pairs }: { pairs: readonly SeamPair[] }) {
  const lengths = useLengths();
  if (pairs.length === 0)
    return (
      <Typography color="text.secondary">
        No seam was named. Give both edges of a seam the same letter, and their lengths are compared.
      </Typography>
    );
  return (
    <Box component="ul" aria-label="Seams" sx={{ pl: 2.5, m: 0 }}>
      {pairs.map(({ seam, sides, differenceMm, verdict }) => (
        <Box component="li" key={seam} sx={verdict === "equal" ? {} : { color: "warning.main" }}>
          <strong>{seam}:</strong>{" "}
          {sides.map(({ piece, lengthMm }) => `${piece} ${lengths.length(lengthMm)}`).join(" against ")}
          {verdict === "equal"
            ? ", equal."
            : verdict === "unequal"
              ? `: ${lengths.difference(differenceMm ?? 0)}. Within ${lengths.amount(SEAM_TOLERANCE_MM)} is wanted: ease one in, or measure again.`
              : ". A seam has two sides: give its letter to both."}
        </Box>
      ))}
    </Box>
  );
}
