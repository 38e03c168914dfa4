import { describe, expect, it } from "vitest";
import type { MeasuredValue } from "../body/index.ts";
import { SAMPLE_SHEET } from "../testing/index.ts";
import { planStyle } from "./planStyle.ts";
import { judgeRings, ringsOnBody } from "./pullOn.ts";
import { SHIPPED_EASE_SETTINGS as settings } from "./settings.ts";
import { brief } from "./styles/brief.ts";

const value = (code: MeasuredValue["code"], mm: number): MeasuredValue => ({ code, side: "single", text: `${mm}`, mm });
const body = (...values: MeasuredValue[]) => ({ values, tape: "snug" as const });

describe("what a ring must pass", () => {
  const ring = { ring: "underbust", over: ["shoulder_girth", "hip"] } as const;
  const rings = (either: boolean, ...values: MeasuredValue[]) =>
    ringsOnBody({ pullOn: [{ ...ring, either }] }, body(...values), settings.fingerAllowanceMm);

  it("is the largest of all in its way, or the smaller where either way will do", () => {
    const both = [value("shoulder_girth", 1010), value("hip", 960)];
    expect(rings(false, ...both).rings).toEqual([
      { ring: "underbust", over: "shoulder_girth", passMm: 1010, edge: false },
    ]);
    expect(rings(true, ...both).rings).toEqual([{ ring: "underbust", over: "hip", passMm: 960, edge: false }]);
  });

  it("is judged by the one way that is known, where either will do", () => {
    expect(rings(true, value("shoulder_girth", 1010)).rings[0]?.over).toBe("shoulder_girth");
    expect(rings(false, value("shoulder_girth", 1010))).toEqual({
      rings: [],
      unjudged: [{ ring: "underbust", code: "hip" }],
    });
    expect(rings(true)).toMatchObject({ rings: [], unjudged: [{ ring: "underbust" }] });
  });

  it("takes the finger off a one-finger sheet", () => {
    const { rings: judged } = ringsOnBody(brief, { values: [value("hip", 1000)], tape: "finger" }, 12);
    expect(judged[0]?.passMm).toBe(988);
  });
});

describe("the least that would go on", () => {
  it("goes on, and one millimetre less does not", () => {
    const rings = { rings: [{ ring: "waist", over: "hip", passMm: 1008, edge: false }], unjudged: [] } as const;
    const limit = { usable: 0.3, setBy: "cloth" } as const;
    const [verdict] = judgeRings(
      rings,
      () => 640,
      () => limit,
    );
    expect(verdict).toMatchObject({ verdict: "closure", leastMm: 776, limit });
    expect(
      judgeRings(
        rings,
        () => 776,
        () => limit,
      )[0]?.verdict,
    ).toBe("goes");
    expect(
      judgeRings(
        rings,
        () => 775,
        () => limit,
      )[0]?.verdict,
    ).toBe("hard");
    expect(
      judgeRings(
        rings,
        () => null,
        () => limit,
      ),
    ).toEqual([]);
  });
});

describe("the elastic in an edge", () => {
  const plan = (edgeUsable: number | null) =>
    planStyle({
      style: brief,
      body: SAMPLE_SHEET,
      cloth: { usable: 0.62, recovery: null },
      settings,
      choice: { school: "share", zones: {}, pressuresKpa: {} },
      edgeUsable,
    });

  it("sets the limit where it stretches less than the cloth", () => {
    expect(plan(0.4).chosenPullOn[0]).toMatchObject({ limit: { usable: 0.4, setBy: "elastic" }, verdict: "closure" });
    expect(plan(0.9).chosenPullOn[0]).toMatchObject({ limit: { usable: 0.62, setBy: "cloth" }, verdict: "goes" });
    expect(plan(null).chosenPullOn[0]?.limit.setBy).toBe("cloth");
  });

  it("limits the ring it lies on and no other: the high hip of a brief has none", () => {
    const rings = plan(0.4).chosenPullOn;
    expect(rings.map(({ ring, limit }) => [ring, limit.setBy])).toEqual([
      ["waist", "elastic"],
      ["highHip", "cloth"],
    ]);
  });
});
