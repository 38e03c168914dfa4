import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { STYLES } from "../../core/ease/index.ts";
import type { FrozenPlan } from "../../core/fitting/index.ts";
import { pathsOf, put, sampleCarried, sampleFrozen, sampleLength } from "../../core/testing/index.ts";
import { readKeptFrozen } from "./keptFrozen.ts";

const whole: FrozenPlan = {
  ...sampleFrozen([sampleCarried({ changeId: 4, amountMm: -13 })]),
  openings: { waist: "hooks" },
  watch: ["the sides differ"],
};
const throughJson = (value: unknown) => JSON.parse(JSON.stringify(value));

/** The plan as the first format held it at first: one cloth, a shipped style, girths and their changes, nothing else. */
const first = () => {
  const { style: _s, layers: _l, choice: _c, openings: _o, lengths: _e, workings: _w, watch: _a, ...older } = whole;
  const { wear: _wear, stiffness: _stiff, ...stretch } = older.stretch;
  return throughJson({
    ...older,
    format: 1,
    stretch,
    changes: [{ changeId: 4, zone: "waist", side: "both", amountMm: -13 }],
  });
};

describe("a frozen plan", () => {
  it("of today is read as it was kept", () =>
    expect(readKeptFrozen(throughJson(whole))).toEqual({ ok: true, value: throughJson(whole) }));

  it.each(STYLES.map((style) => [style.id, style] as const))("of the style %s is read as it was kept", (_id, style) => {
    const kept = throughJson({ ...whole, style });
    expect(readKeptFrozen(kept)).toEqual({ ok: true, value: kept });
  });

  it("of the first format says what it came to say later: its shipped style, its one layer, nothing beside", () => {
    const read = readKeptFrozen(first());
    if (!read.ok) throw new Error(read.problem.message);
    const { style, layers, choice, lengths, changes, stretch, rings, settings } = read.value;
    expect([style.id, layers.length, layers[0]?.name]).toEqual(["brief", 1, "Test jersey"]);
    expect(layers[0]?.usable).toBe(stretch.usable);
    expect([choice, lengths, stretch.wear]).toEqual([{ zones: {}, pressuresKpa: {} }, [], null]);
    expect(changes).toMatchObject([{ on: "girth", spot: "waist", amountMm: -13, parts: [], seams: null }]);
    expect([rings, settings]).toEqual([whole.rings, whole.settings]);
  });

  it("of the first format whose lengths carried no changes was sewn to what they were cut to", () => {
    const lengths = [{ id: "backWaist", name: "Back", bodyMm: 410, cutMm: 394 }];
    const read = readKeptFrozen({ ...first(), lengths });
    expect(read.ok && read.value.lengths).toEqual(lengths.map(sampleLength));
  });

  it("of the first format keeps what it did say", () => {
    const read = readKeptFrozen({ ...throughJson(whole), format: 1 });
    expect(read).toEqual({ ok: true, value: throughJson(whole) });
  });

  it("with settings from before one of them was there has it as shipped", () => {
    const { drawInFreedom, ...settings } = whole.settings;
    const read = readKeptFrozen(throughJson({ ...whole, settings }));
    expect(read.ok && read.value.settings.drawInFreedom).toBe(drawInFreedom);
  });

  it("of the first format whose style is none that ships, and says no more of it, is refused", () =>
    expect(readKeptFrozen({ ...first(), styleId: "own-3" })).toMatchObject({
      ok: false,
      problem: { code: "kept-unreadable", message: expect.stringContaining("“style”, but it is missing") },
    }));

  it.each([null, 3, "plan", [], { format: 3 }, { format: "2" }, { format: 0 }])("%j is none", (kept) =>
    expect(readKeptFrozen(kept)).toMatchObject({ ok: false, problem: { code: "kept-unreadable" } }),
  );

  it("with a calculation or an entry nobody knows is refused", () => {
    expect(readKeptFrozen(throughJson({ ...whole, workings: { hem: {} } })).ok).toBe(false);
    expect(readKeptFrozen(throughJson({ ...whole, workings: { wire: { wires: 2 } } })).ok).toBe(false);
  });

  it.each([1, 2])("of format %d with anything in the place of anything is read or refused, never a crash", (format) => {
    const plan = format === 1 ? first() : throughJson(whole);
    const paths = pathsOf(plan);
    fc.assert(
      fc.property(fc.constantFrom(...paths), fc.jsonValue(), (path, odd) => {
        const read = readKeptFrozen(put(plan, path, odd));
        if (!read.ok) expect(read.problem.message).toMatch(/^(In .*: )?Expected /);
      }),
      { seed: 20261125, numRuns: 600 },
    );
  });
});
