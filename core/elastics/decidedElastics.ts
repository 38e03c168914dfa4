import type { ElasticChange, ElasticRing } from "../pieces/index.ts";

/** What was decided of one elastic, mm: by how much which of its parts is made longer. */
export interface DecidedPart {
  readonly changeId: number;
  /** Which part of the ring, from where it starts. */
  readonly part: number;
  readonly byMm: number;
}

/** Edges by where something is seen of them; the first that a garment has is meant. */
const EDGES: Readonly<Record<string, readonly string[]>> = {
  ...{ leg: ["leg"], legFront: ["leg"], legBack: ["leg"] },
  ...{ waist: ["waist", "lowWaist"], topEdge: ["waist", "lowWaist"], highHip: ["lowWaist", "waist"] },
  ...{ neckline: ["neckStraight", "neckDeep"], armhole: ["armhole"], underarm: ["armhole"], sideOfBust: ["armhole"] },
  ...{ underbust: ["underbust"], wing: ["underbust"], gore: ["underbust"], backEdge: ["cutOut"] },
};

/** Where something was seen of an elastic, and on which side. */
export type SeenAt = Pick<ElasticChange, "spot" | "side">;

const isSeenOn = (seen: SeenAt, { edge, side }: Pick<ElasticRing, "edge" | "side">): boolean =>
  EDGES[seen.spot]?.includes(edge) === true && (seen.side === "both" || side === null || side === seen.side);

/** Edges that something was seen on, that which is meant first. */
export const edgesSeenAt = <Edge extends { readonly ring: ElasticRing }>(
  seen: SeenAt,
  edges: readonly Edge[],
): readonly Edge[] => {
  const order = EDGES[seen.spot] ?? [];
  const there = edges.filter(({ ring }) => isSeenOn(seen, ring));
  return there.toSorted((one, other) => order.indexOf(one.ring.edge) - order.indexOf(other.ring.edge));
};

/** What decided changes make of an elastic: of a ring of two parts that of the piece they name, else that of the last, which is stretched most. */
export const decidedOn = ({ edge, side, parts }: ElasticRing, changes: readonly ElasticChange[]): DecidedPart[] =>
  changes
    .filter((change) => isSeenOn(change, { edge, side }))
    .map(({ id, pieces, spot, amountMm }) => {
      const inFront =
        parts.length > 1 && (spot === "legFront" || /\bfront\b/i.test(pieces)) && !/\bback\b/i.test(pieces);
      return { changeId: id, part: inFront ? 0 : Math.max(0, parts.length - 1), byMm: amountMm };
    });

/** True where a change is of one side alone, and both sides of the garment have one elastic so far. */
export const isOfOneSide = ({ side }: ElasticRing, changes: readonly ElasticChange[], id: number): boolean =>
  side === null && changes.some((change) => change.id === id && change.side !== "both");
