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
  readonly setBy: "cloth" | "elastic" | "seam";
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

/** What a ring is limited by, in words. */
export const LIMIT_WORDS: Readonly<Record<StretchLimit["setBy"], string>> = {
  cloth: "the cloth",
  elastic: "the edge elastic",
  seam: "the seam it is sewn with",
};

/** What the parts of a ring stretch, ratios; null where it is not known, or there is none. */
export interface RingParts {
  readonly cloth: number;
  /** Of the elastic in edges. */
  readonly elastic: number | null;
  /** Of the seams it is sewn with. */
  readonly seam: number | null;
}

/** The limit of a ring: the weakest of its cloth, its seams, and of an edge its elastic. */
export function ringLimit(edge: boolean, { cloth, elastic, seam }: RingParts): StretchLimit {
  const others = [
    ...(edge && elastic !== null ? [{ usable: elastic, setBy: "elastic" as const }] : []),
    ...(seam === null ? [] : [{ usable: seam, setBy: "seam" as const }]),
  ];
  return others.reduce<StretchLimit>((least, one) => (one.usable < least.usable ? one : least), {
    usable: cloth,
    setBy: "cloth",
  });
}

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
