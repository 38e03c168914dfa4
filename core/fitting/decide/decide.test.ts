import { describe, expect, it } from "vitest";
import { sampleFinding, samplePrototype } from "../../testing/index.ts";
import { decide, partsApart, proposedFor, type Word } from "./decide.ts";

const on = { finding: sampleFinding(), prototype: samplePrototype(), learned: {} };

const decided = (word: Word, reason = "", seams = 2) => {
  const proposed = proposedFor(on, "", seams);
  if (!proposed.ok) throw new Error(proposed.problem.message);
  return decide(on, proposed.value, { word, seams, reason });
};

const changeOf = (word: Word, reason = "") => {
  const answer = decided(word, reason);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value;
};

describe("a word on a proposal", () => {
  it("taken as it is keeps what was proposed, with the share and the strain it came by", () => {
    const change = changeOf({ is: "accepted" });
    const strain = 742 / 653 - 1;
    expect(change).toMatchObject({ decision: "accepted", on: "girth", zone: "waist", share: 0.65, seams: 2 });
    expect(change.strain).toBeCloseTo(strain, 12);
    expect(change.amountMm).toBeCloseTo((-0.65 * 24) / (1 + strain), 9);
    expect(change.proposedMm).toBe(change.amountMm);
  });

  it("altered to an amount has the share that amount is, as worn, and the direction that was proposed", () => {
    const change = changeOf({ is: "altered", to: "amount", amountMm: 10, sign: null });
    expect(change.amountMm).toBe(-10);
    expect(change.share).toBeCloseTo((10 * 742) / 653 / 24, 12);
    expect(changeOf({ is: "altered", to: "amount", amountMm: 10, sign: 1 }).amountMm).toBe(10);
  });

  it("altered to a share takes that share of what was read", () => {
    const change = changeOf({ is: "altered", to: "share", share: 1 });
    expect(change.amountMm).toBeCloseTo((-24 * 653) / 742, 9);
  });

  it("altered to words is told by them, and needs them", () => {
    expect(changeOf({ is: "altered", to: "words" }, "Take the elastic in.")).toMatchObject({
      amountMm: null,
      line: "Take the elastic in.",
    });
    expect(decided({ is: "altered", to: "words" })).toMatchObject({ problem: { code: "reason-missing" } });
  });

  it("put off names a sewing step that is known; refused names a reason; neither links pieces", () => {
    expect(changeOf({ is: "waiting", waitsFor: "lining in" })).toMatchObject({ amountMm: null, linked: [] });
    expect(decided({ is: "waiting", waitsFor: "one day" })).toMatchObject({ problem: { code: "step-unknown" } });
    expect(changeOf({ is: "refused" }, "She likes it so.")).toMatchObject({ decision: "refused", amountMm: null });
    expect(decided({ is: "refused" })).toMatchObject({ problem: { code: "reason-missing" } });
  });

  it.each([0, -0.5, 2.01, Number.NaN])("a share of %s is refused, not held within its limits", (share) =>
    expect(decided({ is: "altered", to: "share", share })).toMatchObject({ problem: { code: "share-out-of-range" } }),
  );

  it("on a remedy that is no longer proposed is refused", () =>
    expect(proposedFor(on, "pleat-it", 2)).toMatchObject({ problem: { code: "remedy-gone" } }));
});

describe("a waist line that is off, read front and back apart", () => {
  const finding = sampleFinding({
    kind: "shifted_line",
    spot: "waist",
    amountMm: 22,
    detail: { way: "low", back: 10 },
  });
  const apart = { ...on, finding };

  it("is decided part by part; a part left out is not moved", () => {
    const proposed = proposedFor(apart, "", 1);
    if (!proposed.ok) throw new Error(proposed.problem.message);
    const parts = partsApart(proposed.value.chosen);
    expect(parts.map(({ id }) => id)).toEqual(["front", "back"]);
    const answer = decide(apart, proposed.value, {
      word: { is: "altered", to: "parts", amountsMm: { back: 8 } },
      seams: 1,
      reason: "",
    });
    expect(answer.ok && answer.value.parts).toMatchObject([{ id: "back", amountMm: -8 }]);
    expect(answer.ok && answer.value.pieces).toBe("back");
  });
});
