import { describe, expect, it } from "vitest";
import { BRIEF_FACTS } from "../../testing/index.ts";
import { brief } from "./brief/brief.ts";
import { readFacts } from "./readFacts.ts";
import { frontShare, shareBetween } from "./shares.ts";

const given = (measures: Readonly<Record<string, number>>) => {
  const read = readFacts(brief, { ...BRIEF_FACTS, measures });
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};

describe("the front's share of a girth", () => {
  it("is its arc over the girth", () => {
    const share = frontShare(given({ waist: 740, waist_front_arc: 380 }), "waist");
    expect(share).toMatchObject({ ok: true, value: { share: 380 / 740, taken: { arcMm: 380, bodyMm: 740 } } });
  });

  it.each([{}, { waist: 740 }, { waist_front_arc: 380 }])("without both is half, and says so: %o", (measures) => {
    expect(frontShare(given(measures as Record<string, number>), "waist")).toMatchObject({
      ok: true,
      value: { share: 0.5, taken: null, source: expect.stringMatching(/assumed/) },
    });
  });

  it.each([200, 530])("an arc of %d of 740 mm is another measure", (arc) => {
    expect(frontShare(given({ waist: 740, waist_front_arc: arc }), "waist")).toMatchObject({
      ok: false,
      problem: { code: "arc-and-girth", message: expect.stringMatching(/30 to 70 % of waist/) },
    });
  });

  it("between two levels lies between theirs; of two assumed ones it is assumed", () => {
    const [above, below] = [
      { share: 0.5, source: "", taken: { arcMm: 1, bodyMm: 2 } },
      { share: 0.4, source: "", taken: null },
    ];
    expect(shareBetween(above, below, 0.25).share).toBeCloseTo(0.475, 12);
    expect(shareBetween({ ...above, taken: null }, below, 0.25)).toMatchObject({ share: 0.5, taken: null });
  });
});
