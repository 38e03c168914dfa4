import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { type Draft, type EdgeFinish, edgeLength, type Piece, type PieceEdge } from "../../core/drafting/index.ts";
import { edgeName, edgeOnBody, explainEdge, type StretchOnBody } from "../../core/pieces/index.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { Why } from "../frame/why/WhyDrawer.tsx";
import { type EdgeId, numbered, sameEdge } from "./edgePlaces.ts";

const FINISHES: Readonly<Record<EdgeFinish, string>> = {
  fold: "on the fold",
  seam: "seam",
  elastic: "elastic",
  hem: "hem",
  raw: "cut edge",
};

interface EdgesProps {
  readonly draft: Draft;
  /** Null where the stretch on the body is not known: nothing is said of it then. */
  readonly stretch: StretchOnBody | null;
  readonly lit: EdgeId | null;
  readonly onLit: (edge: EdgeId | null) => void;
}

/** Every edge of every piece as the drawing numbers it; one that is chosen is lit there. */
export function EdgeTable(props: EdgesProps) {
  const { draft, stretch } = props;
  const lengths = useLengths();
  return (
    <Paper sx={{ overflowX: "auto", mb: 2 }}>
      <Table size="small" aria-label="Edges of the pieces">
        <TableHead>
          <TableRow>
            <TableCell>Edge</TableCell>
            <TableCell align="right">At rest, {lengths.unit}</TableCell>
            {stretch ? <TableCell align="right">On the body, {lengths.unit}</TableCell> : null}
            <TableCell>Finish</TableCell>
            <TableCell align="right">Allowance</TableCell>
            <TableCell>Sewn to</TableCell>
          </TableRow>
        </TableHead>
        {draft.pieces.map((piece) => (
          <PieceRows key={piece.id} piece={piece} {...props} />
        ))}
      </Table>
    </Paper>
  );
}

function PieceRows({ piece, draft, stretch, lit, onLit }: EdgesProps & { piece: Piece }) {
  const { name, count, onFold, mirrored, links } = piece;
  const linked = links.map((id) => draft.pieces.find((one) => one.id === id)?.name.toLowerCase() ?? id);
  return (
    <TableBody>
      <TableRow sx={{ bgcolor: "bench.sunken" }}>
        <TableCell component="th" colSpan={stretch ? 6 : 5} sx={{ fontWeight: 700 }}>
          {name}
          <Box component="span" sx={{ fontWeight: 400, color: "text.secondary" }}>
            {`, cut ${count}${onFold ? " on the fold" : ""}${mirrored ? ", half of them turned over" : ""}`}
            {linked.length > 0 ? `; changes with it: ${linked.join(", ")}` : ""}
          </Box>
        </TableCell>
      </TableRow>
      {numbered(piece).map(([number, edge]) => {
        const id = { piece: piece.id, edge: edge.id };
        const isLit = sameEdge(lit, id);
        return (
          <TableRow key={edge.id} selected={isLit}>
            <TableCell component="th" sx={{ whiteSpace: "nowrap" }}>
              <button type="button" className="why" aria-pressed={isLit} onClick={() => onLit(isLit ? null : id)}>
                <strong>{number}</strong> {edgeName(edge)}
                <span className="unseen">{` of the ${name.toLowerCase()}: show on the drawing`}</span>
              </button>
            </TableCell>
            <EdgeCells draft={draft} piece={piece} edge={edge} stretch={stretch} />
          </TableRow>
        );
      })}
    </TableBody>
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
      <TableCell align="right">
        <Why label={`${name}, at rest`} explain={() => explainEdge(piece, edge)}>
          {lengths.bare(edgeLength(edge))}
        </Why>
      </TableCell>
      {stretch ? (
        <TableCell align="right">
          {onBody ? (
            <Why label={`${name}, on the body`} explain={() => onBody}>
              {lengths.bare(onBody.result.value)}
            </Why>
          ) : (
            "—"
          )}
        </TableCell>
      ) : null}
      <TableCell sx={{ whiteSpace: "nowrap" }}>{FINISHES[edge.finish]}</TableCell>
      <TableCell align="right">{edge.allowanceMm === 0 ? "none" : lengths.amount(edge.allowanceMm)}</TableCell>
      <TableCell>{edge.seam ? seamWords(draft, edge.seam, lengths.amount) : "—"}</TableCell>
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
