export type { Explanation, NumberKind, NumberUnit, Term } from "./explanation.ts";
export { subscript } from "./subscript.ts";
export { substitute } from "./substitute.ts";
export { term } from "./term.ts";
