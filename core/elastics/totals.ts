import type { Explanation } from "../explain/index.ts";
import { term } from "../explain/index.ts";
import type { EdgeElastic } from "./edgeElastic.ts";

/** Bought with so much more than is cut. */
export const SPARE = 0.08;

/** What is bought of one elastic. mm */
export interface ElasticTotal {
  /** Null where none was chosen. */
  readonly id: number | null;
  readonly name: string;
  readonly kind: string;
  readonly widthMm: number | null;
  readonly cutMm: number;
  /** With what is spare. */
  readonly buyMm: number;
  readonly explanation: Explanation;
}

const garment = term("garment", "length");

/** What is bought of each elastic, in the order of the edges: every cut as often as there are edges of it, with 8 % spare. */
export function elasticTotals(edges: readonly EdgeElastic[]): ElasticTotal[] {
  const ids = [...new Set(edges.filter(({ chosen }) => chosen).map(({ elastic }) => elastic?.id ?? null))];
  return ids.map((id) => {
    const own = edges.filter(({ chosen, elastic }) => chosen && (elastic?.id ?? null) === id);
    const elastic = own[0]?.elastic ?? null;
    const cutMm = own.reduce((sum, { ring, chosen }) => sum + ring.count * (chosen?.cutMm ?? 0), 0);
    const buyMm = cutMm * (1 + SPARE);
    const name = elastic?.name ?? "Elastic not chosen yet";
    return {
      ...{ id, name, kind: elastic?.kind ?? "", widthMm: elastic?.widthMm ?? null, cutMm, buyMm },
      explanation: {
        title: `${name}, to buy`,
        formula: "L = C · (1 + s)",
        terms: [
          garment(
            "C",
            own.map(({ ring }) => (ring.count > 1 ? `${ring.count} × ${ring.name}` : ring.name)).join(", "),
            cutMm,
            "cut by the schools chosen",
          ),
          term("setting", "percent")("s", "spare", SPARE, "usual"),
        ],
        result: { value: buyMm, unit: "length" },
        notes: [],
        others: [],
      },
    };
  });
}
