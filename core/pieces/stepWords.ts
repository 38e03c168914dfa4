import { OPERATIONS, type OperationCall } from "../drafting/index.ts";

type Params = Readonly<Record<string, unknown>>;

const mm = (value: unknown): string =>
  typeof value === "number" ? `${Number(value.toFixed(1))} mm`.replace("-", "−") : "";

/** Steps that have words of their own; adding one is adding a line. */
const WORDS: Readonly<Record<string, (params: Params) => string>> = {
  overlap: ({ piece, edge, into, width }) =>
    `${piece}: a lap of ${mm(width)} at ${edge} as a dart${into === edge ? "" : `, sewn in ${into}`}`,
  split: ({ piece, edge, to, bow }) =>
    `${piece}: split from ${edge} to ${to}${bow === 0 ? "" : `, bowed by ${mm(bow)}`}`,
  allow: ({ piece, edge, finish, allowance }) => `${piece}: ${edge} finished as ${finish}, ${mm(allowance)} added`,
  moveSeam: ({ piece, edge, amount }) => `${piece}: ${edge} moved by ${mm(amount)}`,
};

/** A step in words: what it does, and to which piece. */
export function stepWords({ operation, params, onSide }: OperationCall): string {
  const said = WORDS[operation]?.(params);
  if (said !== undefined) return said;
  const name = OPERATIONS.find(({ id }) => id === operation)?.name ?? operation;
  const where = [params.piece, params.edge ?? params.level].filter((one) => typeof one === "string").join(", ");
  const by = mm(params.amount ?? params.depth ?? params.centre);
  return `${where === "" ? name : `${where}: ${name.toLowerCase()}`}${by === "" ? "" : `, ${by}`}${onSide ? `, the ${onSide} side` : ""}`;
}
