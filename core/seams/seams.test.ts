import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftOf, samplePiece, sampleSetup, sampleTrial } from "../testing/index.ts";
import { ADVISER_RULES, advise, type Evidence } from "./adviser/index.ts";
import { changedSetup } from "./changedSetup.ts";
import { jobSeams } from "./jobSeams.ts";
import { recipesFor, reopened, withRecipe } from "./recipe.ts";
import { reckonSeams } from "./reckonSeams.ts";
import { neededStretch, seamStretch, seamVerdict } from "./seamStretch.ts";
import type { SeamsFacts } from "./seamsFacts.ts";
import { simulatedBreak } from "./simulatedBreak.ts";
import { STITCH_IDS, STITCHES, stitchOf } from "./stitches/index.ts";
import { zigzagStretch } from "./zigzag.ts";

const EVIDENCE: Evidence = {
  ...{ gave: "nothing", look: "balanced", texturedLoopers: true, clothClass: "power", base: 4 },
  tensions: { leftNeedle: 4, rightNeedle: 4, upperLooper: 4, lowerLooper: 4 },
  ...{ stitchLengthMm: 3, differential: 1, stretch: 0.6, needed: 0.5 },
};
const advised = (own: Partial<Evidence>) => {
  const { change, to } = advise({ ...EVIDENCE, ...own });
  return [change, to];
};

describe("what a seam needs", () => {
  it("is a quarter more than it is stretched, and never less than 30 %", () => {
    expect(neededStretch([0.2, 0.4])).toBeCloseTo(0.5, 12);
    expect([neededStretch([]), neededStretch([-0.1]), neededStretch([0.24])]).toEqual([0.3, 0.3, 0.3]);
  });

  it("is failed by a break before it and by any skipped stitch, and is strong where the cloth gives out first", () => {
    const tried = { stretch: 0.5, needed: 0.5, usable: 0.6, gave: "leftNeedle" } as const;
    expect(seamVerdict(tried)).toBe("pass");
    expect(seamVerdict({ ...tried, stretch: 0.49 })).toBe("fail");
    expect(seamVerdict({ ...tried, stretch: 0.6 })).toBe("strong");
    expect(seamVerdict({ ...tried, stretch: 0.9, usable: null })).toBe("pass");
    expect(seamVerdict({ ...tried, stretch: 0.9, gave: "skipped" })).toBe("fail");
    expect(seamVerdict({ ...tried, stretch: 0.9, look: "skipped" })).toBe("fail");
    expect(seamStretch(150, 100)).toBeCloseTo(0.5, 12);
  });

  it("comes from the zones its seam crosses, worn and put on; drawn pieces say which seams there are", () => {
    const strains = { worn: { waist: 0.2, hip: 0.3, leg: 0.1 }, pulled: { waist: 0.4 } };
    expect(jobSeams([], strains).map(({ id }) => id)).toEqual(["side", "crotch", "leg"]);
    const piece = samplePiece([
      [0, 0],
      [100, 0],
      [100, 200],
      [0, 200],
    ]);
    const seams = jobSeams([draftOf([piece])], strains);
    expect(seams).toEqual([
      {
        ...{ id: "side", name: "side seam" },
        ...{ worn: { zone: "hip", strain: 0.3 }, pulled: { zone: "waist", strain: 0.4 } },
      },
    ]);
    const folded = { ...piece, edges: piece.edges.map((edge) => ({ ...edge, finish: "fold" as const })) };
    expect(jobSeams([draftOf([folded])], strains).map(({ id }) => id)).toContain("crotch");
  });
});

describe("a zigzag before it is sewn", () => {
  it("by hand: a thread that gives nothing, opened whole, is as long as it lies", () => {
    const stretch = zigzagStretch({ widthMm: 3, lengthMm: 4, extension: 0, steps: 1, kept: 0 });
    expect(stretch).toBeCloseTo(5 / 4 - 1, 12);
    expect(zigzagStretch({ widthMm: 9, lengthMm: 4, extension: 0, steps: 3, kept: 0 })).toBeCloseTo(0.25, 12);
  });

  it("goes further the wider and the shorter it is set, and the more its thread gives", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 8, noNaN: true }),
        fc.double({ min: 0.5, max: 5, noNaN: true }),
        fc.constantFrom(1, 3),
        (widthMm, lengthMm, steps) => {
          const of = (own: object) => zigzagStretch({ widthMm, lengthMm, extension: 0.05, steps, ...own });
          expect(of({ widthMm: widthMm + 0.5 })).toBeGreaterThan(of({}));
          expect(of({ lengthMm: lengthMm + 0.5 })).toBeLessThan(of({}));
          expect(of({ extension: 0.2 })).toBeGreaterThan(of({}));
        },
      ),
    );
  });
});

describe("the adviser", () => {
  it("follows the evidence in its order, one thing at a time", () => {
    expect(advised({ gave: "skipped", look: "wavy" })).toEqual(["needle", null]);
    expect(advised({ look: "skipped" })).toEqual(["needle", null]);
    expect(advised({ gave: "upperLooper", texturedLoopers: false })).toEqual(["looperThread", "textured"]);
    expect(advised({ gave: "upperLooper" })).toEqual(["upperLooper", 3.5]);
    expect(advised({ gave: "leftNeedle", texturedLoopers: false })).toEqual(["looperThread", "textured"]);
    expect(advised({ gave: "leftNeedle", texturedLoopers: false, clothClass: "high" })).toEqual(["leftNeedle", 3.5]);
    expect(advised({ look: "loopsTop" })).toEqual(["lowerLooper", 4.5]);
    expect(advised({ look: "loopsUnder" })).toEqual(["upperLooper", 4.5]);
    expect(advised({ look: "wavy" })).toEqual(["differential", 1.25]);
    expect(advised({ look: "puckered" })).toEqual(["differential", 0.75]);
    expect(advised({ look: "tunnelled" })).toEqual(["differential", 0.75]);
    expect(advised({ stretch: 0.4 })).toEqual(["feedStretched", null]);
    expect(advised({})).toEqual(["keep", null]);
  });

  it("goes down from tension to stitch length to feeding, no further than each goes well", () => {
    const needle = (dial: number, stitchLengthMm: number) =>
      advised({ gave: "rightNeedle", stitchLengthMm, tensions: { rightNeedle: dial } });
    expect(needle(2.5, 3)).toEqual(["rightNeedle", 2]);
    expect(needle(2.25, 3)).toEqual(["rightNeedle", 2]);
    expect(needle(2, 3)).toEqual(["stitchLength", 2.5]);
    expect(needle(2, 1.75)).toEqual(["stitchLength", 1.5]);
    expect(needle(2, 1.5)).toEqual(["feedStretched", null]);
  });

  it("turns the bobbin and the needle where there are no loopers, and the foot where there is no differential", () => {
    const tensions = { leftNeedle: 4, bobbin: 3 };
    expect(advised({ look: "loopsTop", tensions })).toEqual(["bobbin", 3.5]);
    expect(advised({ look: "loopsUnder", tensions })).toEqual(["leftNeedle", 4.5]);
    expect(advised({ look: "wavy", differential: null })).toEqual(["footPressure", null]);
    expect(advised({ look: "puckered", differential: null })).toEqual(["footPressure", null]);
    expect(advised({ gave: "bobbin", tensions: { bobbin: 0 } })).toEqual(["keep", null]);
  });

  it("says why, whatever it says, and every rule says something of some trial", () => {
    const all = fc.record({
      gave: fc.constantFrom("nothing", "cloth", "skipped", "leftNeedle", "lowerLooper", "bobbin"),
      look: fc.constantFrom("balanced", "loopsTop", "loopsUnder", "wavy", "puckered", "tunnelled", "skipped"),
      texturedLoopers: fc.boolean(),
      stretch: fc.integer({ min: 0, max: 20 }).map((tenths) => tenths / 10),
      differential: fc.constantFrom(null, 1),
    }) as fc.Arbitrary<Partial<Evidence>>;
    const spoken = new Set<string>();
    fc.assert(
      fc.property(all, (own) => {
        const evidence = { ...EVIDENCE, ...own };
        const rule = ADVISER_RULES.find(({ says }) => says(evidence) !== null);
        spoken.add(rule?.id ?? "");
        expect(advise(evidence).reason).toMatch(/\.$/);
      }),
      { numRuns: 400 },
    );
    expect([...spoken].toSorted()).toEqual(ADVISER_RULES.map(({ id }) => id).toSorted());
  });
});

describe("what changed between two trials", () => {
  it("counts a needle and the thread of the loopers as one thing each", () => {
    const before = sampleSetup();
    const textured = before.threads.map((one) =>
      one.position.endsWith("Looper") ? { ...one, kind: "texturedNylon" as const } : one,
    );
    expect(changedSetup(before, { ...before, threads: textured })).toHaveLength(1);
    expect(changedSetup(before, { ...before, needleKind: "jersey", needleSize: 80 })).toEqual([
      { id: "needleKind", words: "needle: stretch 75 → jersey 80" },
    ]);
    const dials = before.threads.map((one) => (one.position === "leftNeedle" ? { ...one, tension: 3.5 } : one));
    expect(changedSetup(before, { ...before, threads: dials, lengthMm: 2.5 }).map(({ words }) => words)).toEqual([
      "stitch length: 3 mm → 2.5 mm",
      "left needle: tension 4 → 3.5",
    ]);
    expect(changedSetup(before, before)).toEqual([]);
  });
});

describe("the trials of a job", () => {
  const FACTS: SeamsFacts = {
    seams: [
      { id: "side", name: "side seam", worn: { zone: "hip", strain: 0.1 }, pulled: { zone: "waist", strain: 0.4 } },
      { id: "leg", name: "leg edge", worn: { zone: "leg", strain: 0.1 }, pulled: null },
    ],
    ...{ clothName: "Swim knit", usable: 0.7, clothClass: "high", layers: 2, planned: true },
  };

  it("are judged by what the job's seams need, seam by seam for the one it is sewn with", () => {
    const trials = [sampleTrial(), sampleTrial({ id: 2, lengthMm: 155 })];
    const read = reckonSeams({ trials, inUse: 1 }, FACTS);
    expect(read.needed).toBeCloseTo(0.5, 12);
    expect(read.trials.map(({ verdict }) => verdict)).toEqual(["fail", "pass"]);
    expect(read.seams.map(({ seam, verdict }) => [seam.id, verdict])).toEqual([
      ["side", "fail"],
      ["leg", "pass"],
    ]);
    expect(read.warnings).toEqual([expect.stringContaining("side seam would break before the cloth")]);
    expect(reckonSeams({ trials, inUse: 2 }, FACTS).warnings).toEqual([]);
    expect(reckonSeams({ trials, inUse: null }, FACTS).seams.every(({ verdict }) => verdict === null)).toBe(true);
  });

  it("say where the cloth itself ended too soon, which no set-up cures", () => {
    const ended = sampleTrial({ gave: "cloth", lengthMm: 140 });
    const read = reckonSeams({ trials: [ended, { ...ended, id: 2, lengthMm: 155 }], inUse: 1 }, FACTS);
    expect(read.trials[0]).toMatchObject({
      ...{ verdict: "fail", advice: null },
      clothEnds:
        "The cloth itself ends at 40 %, where 50 % are needed: no set-up cures that. Plan more ease there, or take another cloth.",
    });
    expect(read.warnings).toEqual([expect.stringMatching(/^At side seam the cloth ends before what is needed/)]);
    // Past what is needed it may end: the seam held.
    expect(read.trials[1]).toMatchObject({ verdict: "pass", clothEnds: null, advice: { change: "keep" } });
  });

  it("cannot tell which of two changes helped", () => {
    const setup = sampleSetup({ lengthMm: 2.5, needleSize: 80 });
    const told = (own: Parameters<typeof sampleTrial>[0]) =>
      reckonSeams({ trials: [sampleTrial(), sampleTrial({ id: 2, ...own })], inUse: null }, FACTS).trials[1]?.told;
    expect(told({ setup, lengthMm: 155 })).toBe(
      "It goes further; 2 things were changed at once: cannot tell which helped.",
    );
    expect(told({ setup: sampleSetup({ lengthMm: 2.5 }), lengthMm: 130 })).toBe("It goes less far.");
    expect(told({ lengthMm: 141 })).toBe("Nothing was changed, and it goes as far.");
  });

  it("say what is lacking while nothing is planned, and give no verdict", () => {
    const bare = { ...FACTS, seams: [], planned: false };
    const read = reckonSeams({ trials: [sampleTrial()], inUse: 1 }, bare);
    expect(read.lacks).toHaveLength(1);
    expect(read.trials[0]).toMatchObject({ needed: null, verdict: null, advice: null });
  });
});

describe("recipes", () => {
  const recipe = {
    ...{ clothClass: "high" as const, setup: sampleSetup(), stretch: 0.6 },
    ...{ jobId: 3, trialId: 1, on: "2026-11-02" },
  };
  const kept = withRecipe({ rows: [] }, recipe);

  it("are found by class and layers, the newest first and those open again last", () => {
    const second = withRecipe(kept, { ...recipe, jobId: 4, setup: sampleSetup({ machine: "Other" }) });
    const find = (own: object) => recipesFor(second, { clothClass: "high", layers: 2, ...own }).map(({ id }) => id);
    expect([find({}), find({ layers: 4 }), find({ clothClass: "power" }), find({ clothClass: null })]).toEqual([
      [2, 1],
      [],
      [],
      [],
    ]);
    const open = reopened(second, { jobId: 4, used: null, on: "2026-11-20" });
    expect(recipesFor(open, { clothClass: "high", layers: 2 }).map(({ id }) => id)).toEqual([1, 2]);
  });

  it("take the place of one for the same machine, stitch, class and layers", () => {
    expect(withRecipe(kept, { ...recipe, stretch: 0.7 }).rows).toEqual([
      { ...recipe, id: 2, stretch: 0.7, reopenedOn: null },
    ]);
  });

  it("are opened again by a job that is sewn alike, and by no other", () => {
    const why = (used: ReturnType<typeof sampleSetup> | null) =>
      reopened(kept, { jobId: 9, used, on: "2026-11-20" }).rows[0]?.reopenedOn;
    expect([why(sampleSetup({ needleSize: 90 })), why(sampleSetup({ layers: 4 })), why(null)]).toEqual([
      "2026-11-20",
      null,
      null,
    ]);
  });
});

describe("a stitch", () => {
  it("has a number of its own, threads, and a drawing that goes on over the whole run", () => {
    expect(STITCHES.map(({ id }) => id)).toEqual([...STITCH_IDS]);
    for (const { id, positions, widthMm, drawn } of STITCHES) {
      const runs = drawn({ lengthMm: 2.5, widthMm: widthMm ? 4 : 0 }, 6);
      expect(new Set(runs.map(({ position }) => position)), id).toEqual(new Set(positions));
      for (const { points } of runs) {
        expect(Math.max(...points.map(({ x }) => x)), id).toBeCloseTo(15, 9);
        expect(
          points.every(({ x }, at) => at === 0 || x >= (points[at - 1]?.x ?? 0)),
          id,
        ).toBe(true);
        expect(Math.max(...points.map(({ y }) => Math.abs(y))), id).toBeLessThanOrEqual(2.3);
      }
    }
    expect(() => stitchOf("999")).toThrow("no stitch 999");
  });

  it("of the stand-in goes further the way the adviser sends it", () => {
    const [plain, textured] = (["spun", "texturedNylon"] as const).map((kind) =>
      simulatedBreak({
        ...sampleSetup(),
        threads: sampleSetup().threads.map((one) => (one.position.endsWith("Looper") ? { ...one, kind } : one)),
      }),
    );
    expect(textured).toBeGreaterThan(plain ?? 0);
    expect(simulatedBreak(sampleSetup({ lengthMm: 2 }))).toBeGreaterThan(plain ?? 0);
    expect(simulatedBreak(sampleSetup({ fedStretched: true }))).toBeGreaterThan(plain ?? 0);
  });
});
