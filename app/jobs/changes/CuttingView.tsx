import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import {
  asideWords,
  type CuttingLine,
  type CuttingPiece,
  DOING_WORDS,
  explainPerEdge,
  perEdge,
} from "../../../core/fitting/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";

/** The cutting table: piece by piece what to do at which line, in the order to do it; large enough to read standing. */
export function CuttingView({ table }: { table: readonly CuttingPiece[] }) {
  return (
    <Box aria-label="Cutting table" role="region">
      {table.map(({ piece, lines }) => (
        <Paper key={piece} component="section" aria-label={piece} sx={{ mb: 2, breakInside: "avoid" }}>
          <Typography
            variant="h2"
            component="h3"
            sx={{ px: 2, pt: 1.5, pb: 0.5, "&::first-letter": { textTransform: "uppercase" } }}
          >
            {piece}
          </Typography>
          <Box component="ol" sx={{ m: 0, pl: 5.5, pr: 2, pb: 1.5 }}>
            {lines.map((line) => (
              <LineRow key={line.key} line={line} />
            ))}
          </Box>
        </Paper>
      ))}
    </Box>
  );
}

/** Amounts closer than this are the same, mm. */
const SAME_MM = 1e-6;

function LineRow({ line }: { line: CuttingLine }) {
  const lengths = useLengths();
  const { change, amountMm, edges, doing } = line;
  const side = change.side === "both" ? "" : `, ${change.side} only`;
  return (
    <Box component="li" sx={{ py: 0.75, fontSize: "1.12rem" }}>
      {amountMm === null ? (
        <strong>
          {line.line}
          {line.where ? `, ${line.where}` : ""}
        </strong>
      ) : (
        <>
          <strong>{DOING_WORDS[doing]} </strong>
          <Box component="strong" sx={{ fontSize: "1.3rem", fontVariantNumeric: "tabular-nums" }}>
            {change.on === "girth" && Math.abs(perEdge(change.amountMm ?? 0, change.seams) - amountMm) < SAME_MM ? (
              <Why
                label={`Amount at each edge, change ${change.id}`}
                explain={() => explainPerEdge({ amountMm: change.amountMm ?? 0, seams: change.seams })}
              >
                {lengths.amount(Math.abs(amountMm))}
              </Why>
            ) : (
              lengths.amount(Math.abs(amountMm))
            )}
          </Box>
          {edges > 1 ? ` at each of ${edges} edges` : ""}: {line.line}
          {line.where ? (
            <>
              {" "}
              <strong>{line.where}</strong>
            </>
          ) : null}
        </>
      )}
      {side}.{" "}
      <Box component="span" sx={{ color: "text.secondary", fontSize: "1rem" }}>
        {asideWords(line, lengths)}
      </Box>
    </Box>
  );
}
