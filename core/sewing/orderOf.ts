import type { SewingStep } from "./step.ts";
import type { SewingWorking } from "./working.ts";

/** Steps in the maker's order; one the order does not know comes behind all it usually follows. */
export function orderOf({ order, own }: SewingWorking, usual: readonly Pick<SewingStep, "id">[]): string[] {
  if (order.length === 0 && own.length === 0) return usual.map(({ id }) => id);
  const known = new Set([...usual.map(({ id }) => id), ...own.map(({ id }) => id)]);
  const ids = order.filter((id) => known.has(id));
  usual.forEach(({ id }, at) => {
    if (ids.includes(id)) return;
    const before = Math.max(-1, ...usual.slice(0, at).map((one) => ids.indexOf(one.id)));
    ids.splice(before + 1, 0, id);
  });
  return [...ids, ...own.map(({ id }) => id).filter((id) => !ids.includes(id))];
}
