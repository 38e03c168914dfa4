import { useMemo } from "react";
import { closedPath, outlineOf, type Piece, pathData } from "../../core/drafting/index.ts";
import { levelName } from "../../core/pieces/index.ts";
import { marksOf } from "../../core/redraw/index.ts";
import { linesOf } from "../../formats/drafts/layers.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { type BoardPiece, movedBy } from "./boardLayout.ts";
import { type EdgeId, isShort, numbered, numberPlace, sameEdge } from "./edgePlaces.ts";
import { type NameRoom, nameRoom } from "./nameRoom.ts";

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
  // Found once a piece: it is drawn again whenever an edge is lit.
  const room = useMemo(() => nameRoom(piece), [piece]);
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
      {piece.levels.map(({ level, from, to }) => (
        <text
          key={level}
          className="soft"
          x={Math.min(from.x, to.x) + textMm * 0.7}
          // Below its line; of one that runs along the lower edge, above it.
          y={from.y + textMm * (from.y > box.to.y - 2 * textMm ? -0.4 : 0.95)}
          fontSize={textMm * 0.85}
        >
          {levelName(level).toLowerCase()}
        </text>
      ))}
      <Named piece={piece} textMm={textMm} room={room} />
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

/** Width of a letter over its height, with room at both ends of a name; and from line to line. */
const [LETTER, LINE] = [0.7, 1.15] as const;

/** What stands below a name is written so much smaller. */
const SOFT = 0.8;

/** What a piece is called and how often it is cut, as large as it has room for. */
function Named({ piece, textMm, room }: { piece: Piece; textMm: number; room: NameRoom }) {
  const { name, count, onFold } = piece;
  const [first = name, ...more] = name.split(", ");
  const lines = more.length === 0 ? [first] : [first, more.join(", ")];
  // Along a narrow piece there is room for its name alone; how often it is cut stands in the list.
  const cut = room.upright ? null : onFold ? `cut ${count} on the fold` : `cut ${count}`;
  const longest = Math.max(...lines.map(({ length }) => length), (cut?.length ?? 0) * SOFT);
  const size = Math.min(
    textMm * 1.15,
    room.alongMm / (LETTER * longest),
    room.acrossMm / (LINE * (lines.length + (cut ? 1 : 0))),
  );
  const turn = room.upright ? " rotate(-90)" : "";
  const high = (-size * LINE * (lines.length - (cut ? 1 : 1.6))) / 2;
  return (
    <text
      className="name"
      transform={`translate(${room.at.x} ${room.at.y})${turn}`}
      fontSize={size}
      textAnchor="middle"
    >
      {lines.map((line, at) => (
        <tspan key={line} x={0} y={high + at * size * LINE} fontWeight={700}>
          {line}
        </tspan>
      ))}
      {cut ? (
        <tspan className="soft" x={0} y={high + lines.length * size * LINE} fontSize={size * SOFT}>
          {cut}
        </tspan>
      ) : null}
    </text>
  );
}
