import type { FindingOrder } from "../../../data/fitting/index.ts";

/** Orders as the columns of the table ask for them: a first press, and a second one. */
export const COLUMN_ORDERS: Readonly<Record<string, readonly [FindingOrder, FindingOrder | null]>> = {
  amount: ["largest", "smallest"],
  left: ["mostLeft", null],
  fitted: ["newest", "oldest"],
};

const KNOWN = Object.values(COLUMN_ORDERS)
  .flat()
  .filter((order) => order !== null);

/** The order an address asks for; the newest first where it asks for none there is. */
export const orderOf = (text: string | null): FindingOrder => KNOWN.find((order) => order === text) ?? "newest";
