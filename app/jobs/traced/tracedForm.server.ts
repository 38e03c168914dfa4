import type { Traced } from "../../../core/drafting/index.ts";
import { laidOver } from "../../../core/drafting/index.ts";
import type { Style } from "../../../core/ease/index.ts";
import {
  type Change,
  type FrozenLayer,
  linkedFor,
  type SpotId,
  spotsOf,
  TRACED_REMEDY,
} from "../../../core/fitting/index.ts";
import { laidOtherwise, readCurveText } from "../../../formats/drafts/curve.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { choice, type FormRead, group, line, notes, number, orElse, tick, wrong } from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { SIDES } from "../fitting/fittingForm.server.ts";
import type { TracedEdge } from "./tracedEdges.ts";

/** Room for a hundred places. */
const LONGEST = 4000;

const readTyped = formReader(
  group({
    points: line("places of the curve, a line each", LONGEST),
    turned: tick(),
    flipped: tick(),
    share: number({ what: "how much of the way, in per cent", least: 1, most: 100 }, /\s*%$/),
    side: orElse(choice("a side", SIDES), "both"),
    reason: notes(),
  }),
);

/** What a traced curve is read against. */
export interface TracedOn {
  readonly edge: TracedEdge;
  readonly style: Pick<Style, "zones" | "family">;
  readonly layers: readonly Pick<FrozenLayer, "name">[];
}

/** Reads a curve laid over an edge, as a change of the maker's own. */
export function readTracedChange(
  fields: Fields,
  { edge, style, layers }: TracedOn,
): FormRead<Omit<Change, "id" | "cutInto">> {
  const read = readTyped(fields);
  if (!read.ok) return read;
  const { points: text, turned, flipped, share: percent, side, reason } = read.value;
  const curve = readCurveText(text);
  if (!curve.ok) return wrong("points", curve.problem.message);
  const points: Traced = laidOtherwise(curve.value, { turned, flipped });
  const laid = laidOver(edge.lines, points);
  if (!laid.ok) return wrong("points", laid.problem.message);
  const [spot] = spotsOf(style);
  if (!spot) throw new RangeError("A style plans some zone.");
  const share = percent / 100;
  return {
    ok: true,
    value: {
      findingId: null,
      decision: "own",
      on: "edge",
      remedy: TRACED_REMEDY,
      spot: spot.id as SpotId,
      zone: spot.zone,
      side,
      lengthId: "",
      pieces: edge.pieceName,
      line: `${edge.edge}: brought ${percent} % of the way to the traced curve`,
      blend: "its ends and corners stay",
      parts: [],
      traced: { of: edge.of, piece: edge.piece, edge: edge.edge, points, share },
      strain: null,
      share,
      proposedMm: null,
      amountMm: null,
      seams: 1,
      linked: linkedFor(edge.pieceName, layers),
      untickedReason: "",
      waitsFor: "",
      reason,
      version: 0,
    },
  };
}
