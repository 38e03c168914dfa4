import AddIcon from "@mui/icons-material/Add";
import FitScreenIcon from "@mui/icons-material/FitScreen";
import RemoveIcon from "@mui/icons-material/Remove";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import Paper from "@mui/material/Paper";
import { type KeyboardEvent, useMemo, useRef } from "react";
import type { CheckAnswer, Draft } from "../../core/drafting/index.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { type Board, boardOf, movedBy } from "./boardLayout.ts";
import { boardStyle } from "./boardStyle.ts";
import type { EdgeId } from "./edgePlaces.ts";
import { PieceShape } from "./PieceShape.tsx";
import { useZoom } from "./useZoom.ts";

/** Length of the bar that shows the scale, mm. */
const BAR_MM = 100;

/** An arrow key moves the drawing by this part of it. */
const PAN = 0.08;

/**
 * Pieces side by side at one scale, to be zoomed and moved; with old outlines thin under the new where they are given. It shows
 * what the lists beside it say.
 */
export function PieceBoard({
  draft,
  old = null,
  faults = [],
  lit,
  onLit,
  label,
}: {
  draft: Draft;
  old?: Draft | null;
  faults?: readonly CheckAnswer[];
  lit: EdgeId | null;
  onLit: (edge: EdgeId | null) => void;
  label: string;
}) {
  const [svg, group] = [useRef<SVGSVGElement>(null), useRef<SVGGElement>(null)];
  const steps = useZoom(svg, group);
  const lengths = useLengths();
  const board = useMemo(() => boardOf(draft, old), [draft, old]);
  const keys: Readonly<Record<string, () => void>> = {
    "+": steps.nearer,
    "-": steps.farther,
    "0": steps.whole,
    ArrowLeft: () => steps.pan(PAN, 0),
    ArrowRight: () => steps.pan(-PAN, 0),
    ArrowUp: () => steps.pan(0, PAN),
    ArrowDown: () => steps.pan(0, -PAN),
  };
  const press = (event: KeyboardEvent) => {
    const act = keys[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  };
  return (
    <Paper sx={{ mb: 2, overflow: "hidden" }}>
      <Box
        className="no-print"
        role="group"
        aria-label="Zoom the drawing"
        onKeyDown={press}
        sx={{ display: "flex", alignItems: "center", px: 1, borderBottom: 1, borderColor: "divider" }}
      >
        <Box component="span" sx={{ flex: 1, color: "text.secondary", fontSize: "0.85rem" }}>
          {old ? "Thin and broken: as it was before; in colour: by how much it moved. " : ""}Drag to move, Ctrl and
          wheel to come nearer.
        </Box>
        <IconButton size="small" aria-label="Nearer" onClick={steps.nearer}>
          <AddIcon />
        </IconButton>
        <IconButton size="small" aria-label="Farther" onClick={steps.farther}>
          <RemoveIcon />
        </IconButton>
        <IconButton size="small" aria-label="All of it" onClick={steps.whole}>
          <FitScreenIcon />
        </IconButton>
      </Box>
      <Box
        ref={svg}
        component="svg"
        role="img"
        aria-label={label}
        viewBox={boxOf(board)}
        sx={{ ...boardStyle, maxHeight: 560 }}
      >
        <g ref={group}>
          {board.pieces.map((placed) => (
            <PieceShape key={placed.piece.id} placed={placed} textMm={board.textMm} lit={lit} onLit={onLit} />
          ))}
          {board.pieces.flatMap(({ piece, by }) =>
            faults
              .filter((fault) => fault.piece === piece.id && fault.at)
              .map(({ at, message }) => (
                <circle
                  key={message}
                  className="fault"
                  transform={movedBy(by)}
                  cx={at?.x}
                  cy={at?.y}
                  r={board.textMm * 1.2}
                />
              )),
          )}
          <g transform={`translate(${board.textMm} ${board.heightMm + board.textMm})`}>
            <line className="marking" x1={0} x2={BAR_MM} y1={0} y2={0} />
            <text
              className="soft"
              x={BAR_MM / 2}
              y={-board.textMm * 0.4}
              fontSize={board.textMm * 0.8}
              textAnchor="middle"
            >
              {lengths.amount(BAR_MM)}
            </text>
          </g>
        </g>
      </Box>
    </Paper>
  );
}

/** The board with room for the numbers round its pieces, and for the bar below them. */
const boxOf = ({ widthMm, heightMm, textMm }: Board): string =>
  `${-textMm} ${-0.5 * textMm} ${widthMm + 2 * textMm} ${heightMm + 2 * textMm}`;
