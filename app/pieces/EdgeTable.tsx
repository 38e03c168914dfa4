import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import { memo } from "react";
import {
  type Draft,
  type EdgeFinish,
  edgeLength,
  type Piece,
  type PieceEdge,
  wholePieces,
} from "../../core/drafting/index.ts";
import { edgeName, edgeOnBody, explainEdge, type StretchOnBody } from "../../core/pieces/index.ts";
import { plainTable } from "../frame/plainTable.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { type EdgesProps, LengthCells, LengthHeads } from "./EdgeLengths.tsx";
import { numbered, sameEdge } from "./edgePlaces.ts";

const FINISHES: Readonly<Record<EdgeFinish, string>> = {
  fold: "on the fold",
  seam: "seam",
  elastic: "elastic",
  hem: "hem",
  raw: "cut edge",
};

/** Every edge of every piece as the drawing numbers it; one that is chosen is lit there. */
export const EdgeTable = memo(function EdgeTable(props: EdgesProps) {
  const { draft, stretch } = props;
  return (
    <Paper sx={{ overflowX: "auto", mb: 2 }}>
      <Box component="table" aria-label="Edges of the pieces" sx={plainTable}>
        <thead>
          <tr>
            <LengthHeads stretch={stretch} />
            <th scope="col">Finish</th>
            <th scope="col" className="number">
              Allowance
            </th>
            <th scope="col">Sewn to</th>
          </tr>
        </thead>
        {wholePieces(draft).map((piece) => (
          <PieceRows key={piece.id} piece={piece} {...props} />
        ))}
      </Box>
    </Paper>
  );
});

function PieceRows({ piece, draft, stretch, lit, onLit }: EdgesProps & { piece: Piece }) {
  const { name, count, onFold, mirrored, links, takenFrom } = piece;
  const called = (id: string) => draft.pieces.find((one) => one.id === id)?.name.toLowerCase() ?? id;
  const linked = links.map(called);
  return (
    <tbody>
      <tr>
        <th scope="rowgroup" colSpan={stretch ? 6 : 5} className="group">
          {name}
          <span className="aside">
            {`, cut ${count}${onFold ? " on the fold" : ""}${mirrored ? ", half of them turned over" : ""}`}
            {takenFrom ? `; taken from the ${called(takenFrom.piece)}, and follows it` : ""}
            {linked.length > 0 ? `; changes with it: ${linked.join(", ")}` : ""}
          </span>
        </th>
      </tr>
      {numbered(piece).map(([number, edge]) => {
        const id = { piece: piece.id, edge: edge.id };
        const isLit = sameEdge(lit, id);
        return (
          <tr key={edge.id} className={isLit ? "lit" : ""}>
            <th scope="row" className="words">
              <button type="button" className="why" aria-pressed={isLit} onClick={() => onLit(isLit ? null : id)}>
                <strong>{number}</strong> {edgeName(edge)}
                <span className="unseen">{` of the ${name.toLowerCase()}: show on the drawing`}</span>
              </button>
            </th>
            <EdgeCells draft={draft} piece={piece} edge={edge} stretch={stretch} />
          </tr>
        );
      })}
    </tbody>
  );
}

function EdgeCells({
  draft,
  piece,
  edge,
  stretch,
}: {
  draft: Draft;
  piece: Piece;
  edge: PieceEdge;
  stretch: StretchOnBody | null;
}) {
  const lengths = useLengths();
  const onBody = stretch && edgeOnBody(draft, piece, edge, stretch);
  const name = `${edgeName(edge)} of the ${piece.name.toLowerCase()}`;
  return (
    <>
      <LengthCells
        name={name}
        restMm={edgeLength(edge)}
        explain={() => explainEdge(piece, edge)}
        stretch={stretch}
        onBody={onBody}
      />
      <td className="words">{FINISHES[edge.finish]}</td>
      <td className="number">{edge.allowanceMm === 0 ? "none" : lengths.amount(edge.allowanceMm)}</td>
      <td>{edge.seam ? seamWords(draft, edge.seam, lengths.amount) : "—"}</td>
    </>
  );
}

function seamWords(draft: Draft, seam: NonNullable<PieceEdge["seam"]>, amount: (mm: number) => string): string {
  const piece = draft.pieces.find(({ id }) => id === seam.piece)?.name.toLowerCase() ?? seam.piece;
  const ease =
    seam.easeMm === 0
      ? ""
      : seam.easeMm > 0
        ? `, ${amount(seam.easeMm)} eased in`
        : `, ${amount(-seam.easeMm)} stretched`;
  return `${edgeName({ id: seam.edge }).toLowerCase()} of the ${piece}${ease}`;
}
