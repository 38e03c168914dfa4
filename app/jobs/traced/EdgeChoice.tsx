import Box from "@mui/material/Box";
import Chip from "@mui/material/Chip";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { type TracedEdge, tracedQuery } from "./tracedEdges.ts";

/** Which edge the curve goes over: every edge of every piece, piece by piece. */
export function EdgeChoice({ edges, shown }: { edges: readonly TracedEdge[]; shown: TracedEdge | null }) {
  const pieces = [...new Map(edges.map((one) => [`${one.of} ${one.piece}`, one])).values()];
  return (
    <Box component="nav" aria-label="Edge to lay it over" sx={{ mb: 3 }}>
      {shown ? null : <Typography sx={{ mb: 1.5 }}>Over which edge? Choose one: its ends and corners stay.</Typography>}
      {pieces.map(({ of, piece, pieceName, recipe }) => (
        <Box key={`${of} ${piece}`} sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center", mb: 1 }}>
          <Typography component="span" sx={{ minWidth: 150, fontWeight: 600 }} title={recipe}>
            {pieceName}
          </Typography>
          {edges
            .filter((one) => one.of === of && one.piece === piece)
            .map((one) => {
              const here = one.edge === shown?.edge && one.piece === shown.piece && one.of === shown.of;
              return (
                <Chip
                  key={one.edge}
                  component={Link}
                  to={`?${tracedQuery(one)}`}
                  label={one.edge}
                  clickable
                  color={here ? "primary" : "default"}
                  variant={here ? "filled" : "outlined"}
                  aria-current={here ? "page" : undefined}
                  aria-label={`${one.edge} of ${pieceName.toLowerCase()}`}
                />
              );
            })}
        </Box>
      ))}
    </Box>
  );
}
