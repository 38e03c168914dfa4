import { describe, expect, it } from "vitest";
import { consequencesOf } from "../ease/index.ts";
import { BRIEF_FACTS, braFacts, sampleDraft } from "../testing/index.ts";
import { stillRound } from "./stillRound.ts";

const numberOf = ({ numbers }: ReturnType<typeof sampleDraft>, id: string): number =>
  numbers.find((one) => one.id === id)?.explanation.result.value ?? Number.NaN;

describe("what of a band does not stretch", () => {
  it.each(["wiredBra", "softBra"])("is all of a %s before its side seams, and its hooks", (recipe) => {
    const draft = sampleDraft(recipe, braFacts());
    const stillMm = stillRound(draft) ?? Number.NaN;
    // What the plan says of the ring is what the pieces say of their wings.
    const { strain } = consequencesOf(640, { zone: "underbust", bodyMm: 760, usable: 0.6, recovery: null, stillMm });
    expect(strain).toBeCloseTo(numberOf(draft, "wingStrain"), 9);
    expect(stillMm + 2 * numberOf(draft, "wing")).toBeCloseTo(640, 6);
  });

  it("is no part of what has no cups", () => expect(stillRound(sampleDraft("brief", BRIEF_FACTS))).toBeNull());
});
