import { closedPath, outlineOf, type Piece, type Point, pathData } from "../../core/drafting/index.ts";
import { levelName } from "../../core/pieces/index.ts";
import { marksOf } from "../../core/redraw/index.ts";
import { linesOf } from "../../formats/drafts/layers.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { type BoardPiece, movedBy } from "./boardLayout.ts";
import { type EdgeId, isShort, numbered, numberPlace, sameEdge } from "./edgePlaces.ts";

/** One piece with its lines, its name and the numbers of its edges; a lit edge stands out, and an edge that is pressed is lit. */
export function PieceShape({
  placed,
  textMm,
  lit,
  onLit,
}: {
  placed: BoardPiece;
  textMm: number;
  lit: EdgeId | null;
  onLit: (edge: EdgeId | null) => void;
}) {
  const { piece, old, box, by } = placed;
  const lines = linesOf(placed);
  const narrow = box.to.x - box.from.x < NARROW * textMm;
  return (
    <g transform={movedBy(by)}>
      {lines.seam.map((d) => (
        <path key={d} className="ground" d={d} />
      ))}
      {lines.cut.map((d) => (
        <path key={d} className="cut" d={d} />
      ))}
      {lines.level.map((d, at) => (
        <path key={`${piece.levels[at]?.level}`} className="level" d={d} />
      ))}
      {lines.marking.map((d) => (
        <path key={d} className="marking" d={d} />
      ))}
      {old ? <path className="old" d={closedPath(outlineOf(old))} /> : null}
      {piece.edges.map((edge) => {
        const id = { piece: piece.id, edge: edge.id };
        const d = pathData(edge.lines);
        const isLit = sameEdge(lit, id);
        return (
          <g key={edge.id}>
            <path className={isLit ? "lit" : edge.finish === "fold" ? "fold" : "seam"} d={d} />
            {/* biome-ignore lint/a11y/noStaticElementInteractions: the list beside the drawing does the same by keyboard. */}
            <path
              className="reach"
              d={d}
              data-edge={`${piece.id} ${edge.id}`}
              onClick={() => onLit(isLit ? null : id)}
            />
          </g>
        );
      })}
      {numbered(piece).map(([number, edge]) => {
        const at = isShort(edge, textMm) ? null : numberPlace(edge, textMm * (narrow ? -1.1 : 0.95));
        return at ? (
          <text
            key={edge.id}
            className="number"
            x={at.x}
            y={at.y}
            fontSize={textMm}
            textAnchor="middle"
            dominantBaseline="central"
          >
            {number}
          </text>
        ) : null;
      })}
      {old ? <Amounts old={old} now={piece} textMm={textMm} /> : null}
      {piece.levels.map(({ level, from }) => (
        <text
          key={level}
          className="soft"
          x={from.x + textMm * 0.7}
          y={from.y + textMm * 0.95}
          fontSize={textMm * 0.85}
        >
          {levelName(level).toLowerCase()}
        </text>
      ))}
      <Named
        piece={piece}
        at={namePlace(placed)}
        textMm={
          narrow
            ? Math.min(textMm, (box.to.y - box.from.y) / (LETTER * piece.name.length))
            : Math.min(textMm, (box.to.x - box.from.x) / Math.max(WIDE, ACROSS * piece.name.length))
        }
        narrow={narrow}
      />
    </g>
  );
}

/** What was changed, at its place: an arrow from the old line to the new one, and by how much. */
function Amounts({ old, now, textMm }: { old: Piece; now: Piece; textMm: number }) {
  const lengths = useLengths();
  return marksOf(old, now).map(({ id, from, to, mm }) => (
    <g key={id}>
      <line className="amount" x1={from.x} y1={from.y} x2={to.x} y2={to.y} />
      <circle className="amount" cx={to.x} cy={to.y} r={textMm * 0.18} />
      <text className="amount" x={to.x + textMm * 0.6} y={to.y - textMm * 0.35} fontSize={textMm * 0.85}>
        {id.startsWith("level") ? lengths.difference(mm) : lengths.amount(mm)}
      </text>
    </g>
  ));
}

/** A piece narrower than so many letters are high has its name along it. */
const NARROW = 9;

/** Width of a letter over its height, with room at both ends of a name. */
const LETTER = 0.66;

/** Across a piece so many letters fit at the least; a longer name is written smaller. */
const [WIDE, ACROSS] = [11, 0.82] as const;

/** Where a piece has room for its name: in the largest gap between its levels, else in its middle. */
function namePlace({ piece: { levels }, box }: BoardPiece): Point {
  const gaps = levels.slice(1).map((below, at) => {
    const above = levels[at] ?? below;
    return {
      high: below.from.y - above.from.y,
      x: (above.from.x + Math.min(above.to.x, below.to.x)) / 2,
      y: (above.from.y + below.from.y + above.to.y + below.to.y) / 4,
    };
  });
  const [largest] = gaps.toSorted((a, b) => b.high - a.high);
  return largest ?? { x: (box.from.x + box.to.x) / 2, y: (box.from.y + box.to.y) / 2 };
}

/** What a piece is called and how often it is cut, in its middle. */
function Named({ piece, at, textMm, narrow }: { piece: Piece; at: Point; textMm: number; narrow: boolean }) {
  const { name, count, onFold } = piece;
  if (narrow)
    return (
      <text transform={`translate(${at.x} ${at.y}) rotate(-90)`} fontSize={textMm} fontWeight={700} textAnchor="middle">
        {name}
      </text>
    );
  return (
    <text x={at.x} y={at.y} fontSize={textMm * 1.15} textAnchor="middle">
      <tspan x={at.x} fontWeight={700}>
        {name}
      </tspan>
      <tspan className="soft" x={at.x} dy={textMm * 1.3} fontSize={textMm * 0.85}>
        {onFold ? `cut ${count} on the fold` : `cut ${count}`}
      </tspan>
    </text>
  );
}
