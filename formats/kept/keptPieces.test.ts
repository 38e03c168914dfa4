import fc from "fast-check";
import { expect, it } from "vitest";
import { drawBy, RECIPES } from "../../core/drafting/index.ts";
import { redraw } from "../../core/redraw/index.ts";
import { anyDraft, sampleChange } from "../../core/testing/index.ts";
import { keptPieces } from "./keptPieces.ts";

const readBack = (pieces: object) => keptPieces.read(JSON.parse(JSON.stringify(pieces)), keptPieces.format);
const NOWHERE = { rings: [], lengths: [] };

it.each(RECIPES.map(({ id }) => id))("pieces of %s come back as they were kept", (recipe) => {
  const drawn = fc.sample(anyDraft(recipe), { seed: 20261126, numRuns: 3 }).flatMap((facts) => {
    const one = drawBy(recipe, facts);
    return one.ok ? [one.value] : [];
  });
  expect(drawn.length).toBeGreaterThan(0);
  for (const draft of drawn) {
    const pieces = { id: "cupPieces", from: "plan", ...redraw(draft, [], NOWHERE) } as const;
    expect(readBack(pieces)).toEqual({ ok: true, value: pieces });
  }
});

it("a step with a traced curve comes back with every place of it", () => {
  const [facts] = fc.sample(anyDraft("brief"), { seed: 7, numRuns: 1 });
  const drawn = facts && drawBy("brief", facts);
  if (!drawn?.ok) throw new Error("A brief can be drawn.");
  const line = drawn.value.pieces[0]?.edges.find(({ id }) => id === "leg")?.lines ?? [];
  const [from, to] = [line[0]?.from, line.at(-1)?.to];
  const whole = Math.hypot((to?.x ?? 0) - (from?.x ?? 0), (to?.y ?? 0) - (from?.y ?? 0));
  const points = [0, 0.5, 1].map((part) => ({ along: part * whole, off: part === 0.5 ? 8 : 0 }));
  const traced = { of: "briefPieces", piece: "front", edge: "leg", points, share: 0.5 };
  const change = sampleChange({ on: "edge", remedy: "trace", side: "both", parts: [], amountMm: null, traced });
  const { draft, steps } = redraw(drawn.value, [change], NOWHERE);
  expect(steps[0]?.calls).toEqual([
    { operation: "trace", params: { piece: "front", edge: "leg", points, share: 0.5 } },
  ]);
  expect(readBack({ id: "briefPieces", from: "before", draft, steps })).toMatchObject({ ok: true, value: { steps } });
});
