import Box from "@mui/material/Box";
import { memo } from "react";
import type { Point } from "../../../core/drafting/index.ts";
import {
  type Layout,
  numberedPieces,
  type Placed,
  type PlacedNumber,
  placedOutline,
  type Table,
} from "../../../core/layout/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { roomIn } from "../../pieces/roomIn.ts";
import { layoutStyle } from "./layoutStyle.ts";

/** Marks along the roll, mm apart: every tenth of a metre, or every fourth of a foot, longer at the whole. */
const MARK_MM = { cm: 100, in: 3 * 25.4 } as const;

/** Height of the words, as a part of the longer side of the picture. */
const TEXT_PART = 1 / 50;

/** Width of a letter over its height. */
const LETTER = 0.56;

/** A layout no longer than this part of its width is drawn as it lies before one: its length going away downward. */
const STANDS_TO = 1.25;

/** How the table is drawn: lying, its length to the right; or standing, its length downward and its first edge on the right, as pieces are worn. */
export interface Drawn {
  readonly at: (place: Point) => Point;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly standing: boolean;
}

/** Turned, never mirrored: what lies on the left of the drawing lies on the left of the table. */
export function drawnTable(lengthMm: number, widthMm: number): Drawn {
  return lengthMm <= STANDS_TO * widthMm
    ? { at: ({ x, y }) => ({ x: widthMm - y, y: x }), widthMm, heightMm: lengthMm, standing: true }
    : { at: (place) => place, widthMm: lengthMm, heightMm: widthMm, standing: false };
}

/** Pieces on the roll: each with its number and name, which way up it lies, and where the cloth ends. */
export const LayoutPicture = memo(function LayoutPicture({
  layout,
  table,
  motif,
  label,
}: {
  layout: Layout;
  table: Table;
  /** Across one motif, mm; null where there is none. */
  motif: number | null;
  label: string;
}) {
  const lengths = useLengths();
  const { lengthMm, placed } = layout;
  const drawn = drawnTable(lengthMm, table.widthMm);
  const text = Math.max(drawn.widthMm, drawn.heightMm * 1.4) * TEXT_PART;
  const room = drawn.standing ? { left: 6.5, top: 2, right: 2, low: 1.5 } : { left: 2, top: 3, right: 5, low: 2.5 };
  const line = (className: string, from: Point, to: Point) => {
    const [a, b] = [drawn.at(from), drawn.at(to)];
    return <line className={className} x1={a.x} x2={b.x} y1={a.y} y2={b.y} />;
  };
  const far = table.widthMm;
  const fold = drawn.at({ x: 0, y: 0 });
  return (
    <Box
      component="svg"
      role="img"
      aria-label={label}
      viewBox={`${-room.left * text} ${-room.top * text} ${drawn.widthMm + (room.left + room.right) * text} ${drawn.heightMm + (room.top + room.low) * text}`}
      sx={layoutStyle}
    >
      <rect className="cloth" x={0} y={0} width={drawn.widthMm} height={drawn.heightMm} />
      {motif === null ? null : <Motifs table={table} lengthMm={lengthMm} acrossMm={motif} at={drawn.at} />}
      {line(table.folded ? "fold" : "selvedge", { x: 0, y: 0 }, { x: lengthMm, y: 0 })}
      {line("selvedge", { x: 0, y: far }, { x: lengthMm, y: far })}
      {table.borders > 0 ? <Border y={0} lengthMm={lengthMm} text={text} at={drawn.at} /> : null}
      {table.borders > 1 ? <Border y={far} lengthMm={lengthMm} text={text} at={drawn.at} /> : null}
      {line("end", { x: lengthMm, y: -text }, { x: lengthMm, y: far + text })}
      <Marks lengthMm={lengthMm} farMm={far} text={text} drawn={drawn} />
      <text
        {...(drawn.standing
          ? { x: -1.3 * text, y: lengthMm + 0.35 * text, textAnchor: "end" as const }
          : { x: lengthMm, y: -1.3 * text, textAnchor: "end" as const })}
        fontSize={text}
        className="strong"
      >
        {lengths.length(lengthMm)}
      </text>
      {table.folded ? (
        <text
          x={drawn.standing ? fold.x : 0}
          y={drawn.standing ? -0.6 * text : far + 1.7 * text}
          fontSize={text * 0.85}
          textAnchor={drawn.standing ? "end" : "start"}
          className="soft"
        >
          {drawn.standing ? "fold at this edge" : "fold above, selvedges below"}
        </text>
      ) : null}
      {numberedPieces(placed).map((one) => (
        <OnePiece key={one.number} one={one} text={text} drawn={drawn} />
      ))}
    </Box>
  );
});

/** The measure along the roll, at the far edge where it stands: there its first edge is on the other side. */
function Marks({ lengthMm, farMm, text, drawn }: { lengthMm: number; farMm: number; text: number; drawn: Drawn }) {
  const lengths = useLengths();
  const step = MARK_MM[lengths.unit];
  const y = drawn.standing ? farMm : 0;
  const out = drawn.standing ? text : -text;
  return Array.from({ length: Math.floor(lengthMm / step) + 1 }, (_, at) => {
    const [mm, whole] = [at * step, at % 5 === 0];
    const [from, to] = [drawn.at({ x: mm, y }), drawn.at({ x: mm, y: y + out * (whole ? 1 : 0.5) })];
    return (
      <g key={mm}>
        <line className="mark" x1={from.x} x2={to.x} y1={from.y} y2={to.y} />
        {whole && lengthMm - mm > (drawn.standing ? 1.6 : 4.5) * text ? (
          <text
            x={drawn.standing ? to.x - 0.3 * text : to.x}
            y={drawn.standing ? to.y + 0.3 * text : to.y - 0.3 * text}
            fontSize={text * 0.85}
            textAnchor={drawn.standing ? "end" : at === 0 ? "start" : "middle"}
            className="soft"
          >
            {lengths.bare(mm)}
          </text>
        ) : null}
      </g>
    );
  });
}

const dataOf = (places: readonly Point[]): string =>
  `M${places.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join("L")}Z`;

function OnePiece({ one: { number, placed }, text, drawn }: { one: PlacedNumber; text: number; drawn: Drawn }) {
  const cut = placedOutline(placed).map(drawn.at);
  const { at, alongMm, acrossMm } = roomIn(cut);
  const name = `${number} ${placed.shape.name}`;
  const size = Math.min(text, alongMm / (LETTER * name.length), acrossMm / 2);
  const small = size < text * 0.6;
  return (
    <g>
      <path className="piece" d={dataOf(cut)} />
      <path className="seam" d={dataOf(placedOutline(placed, placed.shape.seam).map(drawn.at))} />
      <text
        x={at.x}
        y={at.y + text * 0.35}
        fontSize={small ? Math.min(text, acrossMm * 0.8) : size}
        textAnchor="middle"
        className="name"
      >
        {small ? String(number) : name}
      </text>
      {acrossMm < 3 * text || placed.shape.bound === "border" ? null : (
        <Up placed={placed} at={at} text={text} standing={drawn.standing} />
      )}
    </g>
  );
}

/** Which way its upper end lies, and whether it is turned over: an arrow below its name, with a word where an arrow says too little. */
function Up({
  placed: { turned, over, shape },
  at,
  text,
  standing,
}: {
  placed: Placed;
  at: Point;
  text: number;
  standing: boolean;
}) {
  const way = turned ? 1 : -1;
  const [long, wide] = [text * 1.1 * way, text * 0.35];
  const [x, y] = [at.x, at.y + text * (standing ? 2 : 1.2)];
  const tip = standing ? `M${x} ${y - long}V${y + long}` : `M${x - long} ${y}H${x + long}`;
  const back = text * 0.5 * way;
  const head = standing
    ? `M${x - wide} ${y + long - back}L${x} ${y + long}L${x + wide} ${y + long - back}`
    : `M${x + long - back} ${y - wide}L${x + long} ${y}L${x + long - back} ${y + wide}`;
  const turnedOver = over && shape.bound !== "fold" && shape.gives === 1 && !shape.eitherWay;
  return (
    <>
      <path className="up" d={tip + head} />
      {turnedOver ? (
        <text x={x} y={y + text * 2.1} fontSize={text * 0.75} textAnchor="middle" className="soft">
          turned over
        </text>
      ) : null}
    </>
  );
}

/** A finished edge: small bows along it. */
function Border({ y, lengthMm, text, at }: { y: number; lengthMm: number; text: number; at: Drawn["at"] }) {
  const count = Math.max(1, Math.round(lengthMm / text));
  const bow = lengthMm / count;
  const inward = y === 0 ? bow / 2 : -bow / 2;
  const words = (place: Point) => `${at(place).x.toFixed(1)} ${at(place).y.toFixed(1)}`;
  const bows = Array.from(
    { length: count },
    (_, one) => `Q${words({ x: (one + 0.5) * bow, y: y + inward })} ${words({ x: (one + 1) * bow, y })}`,
  ).join("");
  return <path className="border" d={`M${words({ x: 0, y })}${bows}`} />;
}

/** Drawn only as many as can be told apart. */
const MOST_MOTIFS = 600;

function Motifs({
  table,
  lengthMm,
  acrossMm,
  at: drawnAt,
}: {
  table: Table;
  lengthMm: number;
  acrossMm: number;
  at: Drawn["at"];
}) {
  const { repeatAlongMm: along, repeatAcrossMm: across, widthMm } = table;
  if (along === null || across === null) return null;
  const [columns, rows] = [Math.floor(lengthMm / along) + 1, Math.floor(widthMm / across) + 1];
  if (columns * rows > MOST_MOTIFS) return null;
  return Array.from({ length: columns * rows }, (_, at) => {
    const { x, y } = drawnAt({ x: (at % columns) * along, y: Math.floor(at / columns) * across });
    return <circle key={`${x} ${y}`} className="motif" cx={x} cy={y} r={acrossMm / 2} />;
  });
}
