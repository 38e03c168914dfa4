import type { Draft, Run } from "../draft.ts";
import { pieceOf } from "../measured.ts";
import { edgeOf } from "../piece/index.ts";
import type { Fault } from "./check.ts";

/** Where a run of edges begins: what is wrong with all of it is marked there. */
export function startOf(draft: Draft, { parts: [first] }: Run): Omit<Fault, "message"> {
  if (!first) return {};
  const at = edgeOf(pieceOf(draft, first.piece), first.edge).lines[0]?.from;
  return { ...first, ...(at ? { at } : {}) };
}
