import type { MeasureCode } from "../body/index.ts";
import { type PassOver, passOver } from "./passOver.ts";
import type { PullOnRing, Style } from "./styles/style.ts";
import { girthBodies, type PlannedBody } from "./zoneBody.ts";
import type { Zone } from "./zones.ts";

/** How a ring can be opened. */
export const OPENINGS = ["hooks", "zip", "lacing", "ties", "buttons or snaps"] as const;

/** One of {@link OPENINGS}. */
export type Opening = (typeof OPENINGS)[number];

/** What stretches least of all that a ring is made of. */
export interface StretchLimit {
  /** Ratio, 0 or more. */
  readonly usable: number;
  readonly setBy: "cloth" | "elastic";
}

/** A pull-on ring judged at a girth. */
export interface RingVerdict extends PassOver {
  readonly ring: Zone;
  readonly over: MeasureCode;
  readonly passMm: number;
  readonly garmentMm: number;
  readonly limit: StretchLimit;
  /** The least girth that would go on, mm. */
  readonly leastMm: number;
}

/** A ring that cannot be judged for want of a measure. */
export interface UnjudgedRing {
  readonly ring: Zone;
  readonly code: MeasureCode;
}

/** What a ring must pass on a body. */
interface Passed {
  readonly code: MeasureCode;
  readonly mm: number;
}

/** The rings of a style on a body: what each must pass, and which cannot be judged. */
export interface RingsOnBody {
  readonly rings: readonly {
    readonly ring: Zone;
    readonly over: MeasureCode;
    readonly passMm: number;
    /** An edge with elastic lies on it. */
    readonly edge: boolean;
  }[];
  readonly unjudged: readonly UnjudgedRing[];
}

/** Finds what every ring must pass: the largest of all in its way, or the smallest where one way on is enough. */
export function ringsOnBody(
  { pullOn }: Pick<Style, "pullOn">,
  body: PlannedBody,
  fingerAllowanceMm: number,
): RingsOnBody {
  const judged = pullOn.map((wanted) => ringOnBody(wanted, body, fingerAllowanceMm));
  return {
    rings: judged.filter((ring) => "over" in ring),
    unjudged: judged.filter((ring) => "code" in ring),
  };
}

function ringOnBody(
  { ring, over, either = false, edge }: PullOnRing,
  body: PlannedBody,
  fingerAllowanceMm: number,
): RingsOnBody["rings"][number] | UnjudgedRing {
  const passed = over.map((code): Passed | { code: MeasureCode; mm: null } => ({
    code,
    mm: girthBodies(code, body, fingerAllowanceMm)?.plan.snugMm ?? null,
  }));
  const known = passed.filter((girth): girth is Passed => girth.mm !== null);
  const missing = passed.find(({ mm }) => mm === null);
  // One way on is enough to judge by where either will do; where all must be passed, all must be known.
  if (missing && (known.length === 0 || !either)) return { ring, code: missing.code };
  const decides = known.reduce((best, next) => ((either ? next.mm < best.mm : next.mm > best.mm) ? next : best));
  return { ring, over: decides.code, passMm: decides.mm, edge: edge === true };
}

/** The limit of a ring: what its cloth stretches, and of an edge its elastic, where that stretches less. */
export const ringLimit = (edge: boolean, clothUsable: number, edgeUsable: number | null): StretchLimit =>
  edge && edgeUsable !== null && edgeUsable < clothUsable
    ? { usable: edgeUsable, setBy: "elastic" }
    : { usable: clothUsable, setBy: "cloth" };

/** Judges the rings at the girths given, each by its own limit; rings of zones without a girth are left out. */
export function judgeRings(
  { rings }: RingsOnBody,
  girthOf: (zone: Zone) => number | null,
  limitOf: (edge: boolean) => StretchLimit,
): RingVerdict[] {
  return rings.flatMap(({ ring, over, passMm, edge }) => {
    const garmentMm = girthOf(ring);
    if (garmentMm === null) return [];
    const limit = limitOf(edge);
    const leastMm = Math.ceil(passMm / (1 + limit.usable));
    return [{ ring, over, passMm, garmentMm, limit, leastMm, ...passOver(garmentMm, passMm, limit.usable) }];
  });
}
