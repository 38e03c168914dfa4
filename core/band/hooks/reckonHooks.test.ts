import { describe, expect, it } from "vitest";
import { byId } from "../../testing/index.ts";
import { reckonHooks } from "./reckonHooks.ts";
import { NEW_HOOKS } from "./working.ts";

describe("hooks and bridge", () => {
  it("a tape higher than the back end misses the rest; a dip leaves 12 mm or the fold", () => {
    const closure = reckonHooks({
      ...NEW_HOOKS,
      rows: 3,
      availableMm: 52,
      bridgeToEdgeMm: 24,
      edgeFoldMm: 7,
      dipMm: 13,
    });
    expect(byId(closure)).toEqual({ tape: 5, dip: 12 });
    expect(closure.warnings).toHaveLength(2);
    expect(byId(reckonHooks({ ...NEW_HOOKS, tapeMm: 41, availableMm: 52 })).tape).toBe(-11);
  });

  it("without numbers asks for them, but not for a bridge nobody works on", () => {
    expect(reckonHooks(NEW_HOOKS).lacks).toHaveLength(2);
  });
});
