import { fail, ok, type Result } from "../../../result.ts";
import type { OneLine } from "../../draft.ts";
import type { Piece } from "../../piece/index.ts";
import { takenPiece } from "../../taken/index.ts";
import { type Half, otherHalf, sewnInto, sewnTo } from "../drawn.ts";
import type { Given } from "../facts.ts";
import type { LegAllowances } from "../legs/gusset.ts";
import { oneLine } from "../oneLine.ts";

/** The pieces of a band inside, and how their lines go on over its side seams; none where none is wanted. */
interface Band {
  readonly pieces: readonly Piece[];
  readonly oneLines: readonly OneLine[];
  readonly notes: readonly string[];
}

const idOf = (half: Half) => (half === "front" ? "bandFront" : "bandBack");

/**
 * A band of net inside a one-piece, between its underbust line and a second one below it: taken from front and back, so that it is
 * sewn to both lines without a pleat.
 *
 * @returns `missing` where no underbust is planned; `no-band` where a half has no room for it.
 */
export function underbustBand(given: Given, round: readonly Piece[], allowances: LegAllowances): Result<Band> {
  const heightMm = given.number("underbust_band");
  if (heightMm === 0) return ok({ pieces: [], oneLines: [], notes: [] });
  if (!given.hasGirth("underbust"))
    return fail(
      "missing",
      "Expected the planned girth underbust and its height underbust_to_waist, since an underbust band is wanted: its upper line lies there.",
    );
  const pieces: Piece[] = [];
  for (const half of ["front", "back"] as const) {
    const from = round.find(({ id }) => id === half);
    const piece = from && bandOf(half, from, heightMm, allowances);
    if (!piece)
      return fail(
        "no-band",
        `Expected the underbust line of the ${half} to lie on it with ${heightMm.toFixed(0)} mm of its side below: the neckline or back is cut below it, or the band is too high.`,
      );
    pieces.push(piece);
  }
  return ok({
    pieces,
    oneLines: [
      oneLine([idOf("front"), "upper", "end"], [idOf("back"), "upper", "end"]),
      oneLine([idOf("front"), "lower", "start"], [idOf("back"), "lower", "start"]),
    ],
    notes: ["The underbust band is sewn inside along both of its lines; elastic goes into the lower one."],
  });
}

const bandOf = (half: Half, from: Piece, heightMm: number, { seamMm, edgeMm }: LegAllowances): Piece | null =>
  takenPiece(from, {
    ...{ id: idOf(half), name: `Underbust band, ${half}`, role: "net" },
    takenFrom: { kind: "band", piece: half, level: "underbust", heightMm },
    edges: [
      { id: "upper", role: "long", ...sewnInto(seamMm) },
      { id: "side", role: "side", ...sewnTo(idOf(otherHalf(half)), "side", seamMm) },
      { id: "lower", role: "long", finish: "elastic", allowanceMm: edgeMm, seam: null },
      {
        id: "centre",
        role: half === "front" ? "centreFront" : "centreBack",
        finish: "fold",
        allowanceMm: 0,
        seam: null,
      },
    ],
  });
