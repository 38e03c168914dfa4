import type { Lack, Reckoned, Reckoning } from "../calculation/index.ts";
import { type Explanation, subscript, type Term, term } from "../explain/index.ts";
import { type MaterialsFacts, thereIs } from "./materialsFacts.ts";
import type { Needed } from "./needed.ts";
import type { ShelfUnit } from "./shelf.ts";
import type { MaterialsWorking } from "./working.ts";

/** One line of what is needed. Amounts in metres, or by the piece. */
export interface MaterialRow {
  readonly id: string;
  readonly name: string;
  readonly what: string;
  readonly unit: ShelfUnit;
  readonly need: number;
  /** Null where the shelf does not have it by that name, or does not say how much. */
  readonly there: number | null;
  readonly buy: Explanation;
  /** Of what one garment takes; null without a price. */
  readonly cost: Explanation | null;
}

/** What a job needs, against what is on the shelf. */
export interface MaterialsReckoning extends Reckoning {
  readonly rows: readonly MaterialRow[];
}

/** What is sold by the metre is told in its tenths, rounded up. */
const STEPS_A_METRE = 10;

const amount = term("garment", "ratio");
const money = term("setting", "ratio");

/** Holds what a garment needs against the shelf: what to buy, and what it costs. */
export function reckonMaterials(working: MaterialsWorking, facts: MaterialsFacts): MaterialsReckoning {
  const needed = facts.needed.map((one) => rowOf(facts, { ...one, ...amountOf(one) }));
  const lacks: Lack[] = [];
  const pieces = working.notions.flatMap(({ name, count }, at) => {
    if (count === null) {
      lacks.push({ what: "entry", name: `how many of “${name}”` });
      return [];
    }
    return [rowOf(facts, { id: `notion/${at}`, name, what: "notion", unit: "pc", need: count, source: "typed here" })];
  });
  const rows = [...needed, ...pieces];
  if (rows.length === 0 && lacks.length === 0)
    lacks.push({ what: "plan", message: "Nothing needed yet: keep pieces and elastics, or type notions." });
  return { rows, lacks, numbers: costs(rows, working), notes: [], warnings: [...facts.notCounted, ...priceNote(rows)] };
}

/** How much of it, in what it is sold by. */
const amountOf = (needed: Needed): Pick<RowGiven, "unit" | "need"> =>
  "pieces" in needed
    ? { unit: "pc", need: needed.pieces }
    : { unit: "m", need: Math.ceil((needed.needMm / 1000) * STEPS_A_METRE - 1e-9) / STEPS_A_METRE };

interface RowGiven {
  readonly id: string;
  readonly name: string;
  readonly what: string;
  readonly unit: ShelfUnit;
  readonly need: number;
  readonly source: string;
}

function rowOf({ shelf }: MaterialsFacts, { id, name, what, unit, need, source }: RowGiven): MaterialRow {
  const shelved = thereIs(shelf, name, unit);
  const there = shelved?.amount ?? null;
  const words = unit === "m" ? "m" : "pieces";
  const needed = amount("N", `needed, ${words}`, need, source);
  const price = shelved?.price ?? null;
  return {
    ...{ id, name, what, unit, need, there },
    buy: explained(
      `${name}, to buy`,
      "buy = max(0, N − S)",
      [
        needed,
        amount("S", `on the shelf, ${words}`, there ?? 0, there === null ? "nothing of that name" : "shelf stock"),
      ],
      Math.max(0, need - (there ?? 0)),
    ),
    cost:
      price === null
        ? null
        : explained(
            `${name}, what it costs`,
            "K = N · p",
            [needed, money("p", `price of one ${unit === "m" ? "m" : "piece"}`, price, "shelf stock")],
            need * price,
          ),
  };
}

const explained = (title: string, formula: string, terms: readonly Term[], value: number): Explanation => ({
  ...{ title, formula, terms, notes: [], others: [] },
  result: { value, unit: "ratio" },
});

/** What one garment costs, and all that are made. */
function costs(rows: readonly MaterialRow[], { made }: MaterialsWorking): Reckoned[] {
  const priced = rows.flatMap(({ name, cost }) => (cost ? [{ name, value: cost.result.value }] : []));
  if (priced.length === 0) return [];
  const one = priced.reduce((sum, { value }) => sum + value, 0);
  const times = made ?? 1;
  const garment = explained(
    "Materials of one garment",
    `K = ${priced.map((_, at) => `K${subscript(at + 1)}`).join(" + ")}`,
    priced.map(({ name, value }, at) => money(`K${subscript(at + 1)}`, name, value, "what is needed, by its price")),
    one,
  );
  const job = explained(
    "Materials of the job",
    "J = n · K",
    [
      term("setting", "count")("n", "garments made, prototypes counted", times, made === null ? "one" : "typed here"),
      money("K", "materials of one garment", one, "above"),
    ],
    times * one,
  );
  return [
    { id: "garment", name: "Materials of one garment", explanation: garment },
    { id: "job", name: "Materials of the job", explanation: job },
  ];
}

function priceNote(rows: readonly MaterialRow[]): string[] {
  const open = rows.filter(({ cost }) => cost === null).map(({ name }) => name);
  const priced = rows.length - open.length;
  return priced > 0 && open.length > 0 ? [`Without a price, and not counted: ${open.join(", ")}.`] : [];
}
