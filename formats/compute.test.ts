import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { computeAll } from "./compute.ts";

interface WorkedCase {
  readonly kind: string;
  readonly input: unknown;
  readonly expect: Record<string, unknown>;
}

const folder = join(import.meta.dirname, "cases");
const files = readdirSync(folder).filter((name) => name.endsWith(".json"));

/** Agreement of the scripting interface's numbers: 1e-6 relative or 1e-9 absolute; everything else exactly. */
function agrees(actual: unknown, wanted: unknown): boolean {
  if (typeof wanted === "number") {
    return typeof actual === "number" && Math.abs(actual - wanted) <= Math.max(1e-9, 1e-6 * Math.abs(wanted));
  }
  if (Array.isArray(wanted)) {
    return (
      Array.isArray(actual) &&
      actual.length === wanted.length &&
      wanted.every((one, index) => agrees(actual[index], one))
    );
  }
  if (typeof wanted === "object" && wanted !== null) {
    return (
      typeof actual === "object" &&
      actual !== null &&
      Object.entries(wanted).every(([key, one]) => agrees((actual as Record<string, unknown>)[key], one))
    );
  }
  return actual === wanted;
}

describe.each(files)("worked cases of %s", (file) => {
  const cases = JSON.parse(readFileSync(join(folder, file), "utf8")) as WorkedCase[];
  it.each(cases.map((one, index) => [index, one] as const))("case %d", (_index, one) => {
    const [answer] = computeAll(one);
    const output = answer && "output" in answer ? answer.output : answer;
    expect(agrees(output, one.expect), `${JSON.stringify(output)} against ${JSON.stringify(one.expect)}`).toBe(true);
  });
});

describe("input that cannot be computed", () => {
  it.each([
    [null, "not-a-case"],
    ["ease", "not-a-case"],
    [{ input: {} }, "not-a-case"],
    [{ kind: "sleeve", input: {} }, "unsupported"],
    [{ kind: "passOver" }, "invalid-input"],
    [{ kind: "passOver", input: { garment: 700, pass: -1, usable: 0.5 } }, "invalid-input"],
    [{ kind: "passOver", input: { garment: 700, pass: "900", usable: 0.5 } }, "invalid-input"],
    [{ kind: "passOver", input: { garment: 700, pass: Number.POSITIVE_INFINITY, usable: 0.5 } }, "invalid-input"],
    [{ kind: "passOver", input: { garment: 700, pass: Number.NaN, usable: 0.5 } }, "invalid-input"],
    [{ kind: "passOver", input: { garment: 700, pass: 900, usable: 0.5, extra: 1 } }, "invalid-input"],
    [{ kind: "proposal", input: { finding: "sheer", amount: 10 } }, "no-share-rule"],
    [
      { kind: "blend", input: { amount: 5, fullFrom: 20, fullTo: 10, blendBefore: 0, blendAfter: 0, at: [] } },
      "marks-crossed",
    ],
    [
      { kind: "ease", input: { zone: "arm", family: "brief", school: "share", body: 300, usable: 0.4 } },
      "no-share-for-zone",
    ],
    [
      {
        kind: "ease",
        input: { zone: "waist", family: "brief", school: "share", body: 10, usable: 0.4, tape: "finger" },
      },
      "body-not-positive",
    ],
  ])("%o answers %s in its place", (entry, code) => {
    expect(computeAll([entry])).toMatchObject([{ error: { code } }]);
  });

  it("does not keep the others from being computed", () => {
    const answers = computeAll([{ kind: "nonsense" }, { kind: "parse", input: { text: "92", unit: "cm" } }]);
    expect(answers[1]).toEqual({ kind: "parse", output: { mm: 920 } });
  });

  it("says what was expected and what came", () => {
    const [answer] = computeAll({ kind: "passOver", input: { garment: 700, pass: "wide", usable: 0.5 } });
    expect(answer).toMatchObject({ error: { message: 'Expected pass to be number, but got "wide".' } });
  });
});
