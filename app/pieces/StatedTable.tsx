import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import { memo } from "react";
import { asCut, type Draft, type StatedEdge, statedLength, statedOf } from "../../core/drafting/index.ts";
import { explainStated, levelName, statedOnBody } from "../../core/pieces/index.ts";
import { plainTable } from "../frame/plainTable.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { type EdgesProps, LengthCells, LengthHeads } from "./EdgeLengths.tsx";
import { numbered, sameEdge } from "./edgePlaces.ts";

/** Every edge that is known by its length, piece by piece; one whose line was read in is lit in the drawing. */
export const StatedTable = memo(function StatedTable(props: EdgesProps) {
  const { draft, stretch } = props;
  const edges = statedOf(draft);
  if (edges.length === 0) return null;
  const pieces = [...new Set(edges.map(({ piece }) => piece))];
  return (
    <Paper sx={{ overflowX: "auto", mb: 2 }}>
      <Box component="table" aria-label="Edges of your own pattern" sx={plainTable}>
        <thead>
          <tr>
            <LengthHeads stretch={stretch} />
            <th scope="col">Counts to</th>
            <th scope="col">Seam</th>
          </tr>
        </thead>
        {pieces.map((piece) => (
          <tbody key={piece}>
            <tr>
              <th scope="rowgroup" colSpan={stretch ? 5 : 4} className="group">
                {piece}
              </th>
            </tr>
            {edges
              .filter((edge) => edge.piece === piece)
              .map((edge) => (
                <EdgeRow key={edge.edge} edge={edge} {...props} />
              ))}
          </tbody>
        ))}
      </Box>
    </Paper>
  );
});

function EdgeRow({ edge, draft, stretch, lit, onLit }: EdgesProps & { edge: StatedEdge }) {
  const lengths = useLengths();
  const { piece, edge: name, counts, times, seam, easeMm } = edge;
  const id = { piece, edge: name };
  const isLit = sameEdge(lit, id);
  const onBody = stretch && statedOnBody(draft, edge, stretch);
  return (
    <tr className={isLit ? "lit" : ""}>
      <th scope="row" className="words">
        {edge.lengthMm === null ? (
          <button type="button" className="why" aria-pressed={isLit} onClick={() => onLit(isLit ? null : id)}>
            <strong>{numberOf(draft, edge)}</strong> {name}
            <span className="unseen">{` of ${piece}: show on the drawing`}</span>
          </button>
        ) : (
          name
        )}
      </th>
      <LengthCells
        name={`${name} of ${piece}`}
        restMm={statedLength(draft, edge)}
        explain={() => explainStated(draft, edge)}
        stretch={stretch}
        onBody={onBody}
      />
      <td>{counts === "" ? "—" : `${levelName(counts).toLowerCase()}${times === 2 ? ", twice" : ""}`}</td>
      <td>
        {seam || "—"}
        {easeMm === 0
          ? ""
          : easeMm > 0
            ? `, ${lengths.amount(easeMm)} eased in`
            : `, ${lengths.amount(-easeMm)} stretched`}
      </td>
    </tr>
  );
}

/** The number the drawing gives an edge that was read in. */
function numberOf(draft: Draft, { piece, edge }: StatedEdge): number | null {
  const drawn = draft.pieces.find(({ id }) => id === piece);
  return (drawn && numbered(asCut(drawn)).find(([, one]) => one.id === edge)?.[0]) ?? null;
}
