import { Type } from "typebox";
import { closed, list, orNull, word } from "../schemaParts.ts";

const text = () => Type.String({ maxLength: 2000 });
const mm = () => Type.Number({ minimum: -1e5, maximum: 1e5 });
const length = () => Type.Number({ minimum: 0, maximum: 1e5 });

const place = () => closed({ x: mm(), y: mm() });

/** A straight or curved line, mm. */
export const draftLine = Type.Union([
  closed({ kind: Type.Literal("straight"), from: place(), to: place() }),
  closed({ kind: Type.Literal("curved"), from: place(), leave: place(), arrive: place(), to: place() }),
]);

const pieceEdge = closed({
  id: word(),
  role: word(),
  finish: Type.Enum(["fold", "seam", "elastic", "hem", "raw"]),
  allowanceMm: length(),
  lines: list(draftLine, 2000),
  seam: orNull(closed({ piece: word(), edge: word(), easeMm: mm() })),
});

const piece = closed({
  id: word(),
  name: word(),
  count: Type.Integer({ minimum: 1, maximum: 1000 }),
  onFold: Type.Boolean(),
  mirrored: Type.Boolean(),
  role: Type.Enum(["shell", "lining", "net", "overlay", "facing", "casing"]),
  part: Type.Optional(Type.Enum(["cups", "frame"])),
  edges: list(pieceEdge, 200),
  levels: list(closed({ level: word(), from: place(), to: place() }), 40),
  grain: closed({ from: place(), to: place() }),
  notches: list(closed({ edge: word(), mm: length(), by: Type.Optional(Type.Literal("seam")) }), 200),
  links: list(word(), 40),
  points: Type.Optional(list(closed({ id: word(), at: place() }), 40)),
  takenFrom: Type.Optional(
    Type.Union([
      closed({ kind: Type.Literal("facing"), piece: word(), depthMm: length() }),
      closed({ kind: Type.Literal("band"), piece: word(), level: word(), heightMm: length() }),
      closed({ kind: Type.Literal("above"), piece: word(), level: word() }),
      closed({ kind: Type.Literal("whole"), piece: word() }),
    ]),
  ),
  half: Type.Optional(closed({ side: Type.Enum(["left", "right"]), of: word() })),
  darts: Type.Optional(
    list(
      closed({
        id: word(),
        edge: word(),
        atMm: length(),
        widthMm: length(),
        point: word(),
        into: word(),
        intoMm: length(),
        stopMm: length(),
        lengthens: Type.Optional(Type.Literal(true)),
      }),
      20,
    ),
  ),
});

const run = closed({ parts: list(closed({ piece: word(), edge: word() }), 200), plusMm: mm() });
const end = closed({ piece: word(), edge: word(), end: Type.Enum(["start", "end"]) });

const explanation = closed({
  title: text(),
  formula: text(),
  terms: list(
    closed({
      symbol: word(),
      meaning: text(),
      value: Type.Number(),
      unit: word(),
      kind: word(),
      source: text(),
    }),
    200,
  ),
  result: closed({ value: Type.Number(), unit: word() }),
  notes: list(text(), 40),
  cautions: Type.Optional(list(text(), 40)),
  others: list(closed({ name: text(), value: Type.Number() }), 40),
});

/** A draft as it is kept: units and meanings as in `Draft`. */
export const draftSchema = closed({
  recipe: word(),
  pieces: list(piece, 200),
  stated: Type.Optional(
    list(
      closed({
        piece: word(),
        edge: word(),
        lengthMm: orNull(length()),
        counts: Type.String({ maxLength: 200 }),
        times: Type.Enum([1, 2]),
        seam: Type.String({ maxLength: 200 }),
        easeMm: mm(),
        partOf: Type.Optional(word()),
      }),
      400,
    ),
  ),
  round: list(word(), 200),
  levels: list(
    closed({
      level: word(),
      plannedMm: length(),
      past: Type.Optional(closed({ end: Type.Enum(["start", "end"]), mm: length() })),
      besideMm: Type.Optional(mm()),
    }),
    60,
  ),
  loops: list(closed({ level: word(), plannedMm: length(), along: run }), 20),
  numbers: list(closed({ id: word(), explanation }), 400),
  oneLines: list(closed({ first: end, second: end }), 200),
  elastics: list(
    closed({
      name: word(),
      along: run,
      plannedMm: orNull(length()),
      bodyMm: orNull(length()),
      side: Type.Optional(Type.Enum(["left", "right"])),
    }),
    60,
  ),
  limits: list(closed({ name: word(), along: run, mostMm: length(), mostName: word() }), 60),
  needs: Type.Optional(list(closed({ name: word(), along: run, leastMm: length(), leastName: word() }), 60)),
  meetings: Type.Optional(list(closed({ name: word(), first: run, second: run }), 60)),
  turns: Type.Optional(list(closed({ name: word(), piece: word(), edge: word(), mm: length() }), 40)),
  clearances: Type.Optional(
    list(closed({ piece: word(), edge: word(), other: word(), leastMm: length(), why: word() }), 60),
  ),
  rollMm: orNull(length()),
  notes: list(text(), 200),
});
