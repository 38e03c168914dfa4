import { describe, expect, it } from "vitest";
import { foundBy, measured, measuredAll } from "../../testing/index.ts";
import { measureOf } from "../catalogue/index.ts";
import { brokenOrders, USUAL_ORDERS } from "./order.ts";

/** A length at which both measures of an order are in range, so that nothing else is asked. */
const between = (a: readonly [number, number], b: readonly [number, number]): number =>
  (Math.max(a[0], b[0]) + Math.min(a[1], b[1])) / 2;

describe.each(USUAL_ORDERS)("$smaller up to $larger and $slackMm mm", ({ smaller, larger, slackMm }) => {
  const high = between(measureOf(smaller).rangeMm, measureOf(larger).rangeMm);
  const sheet = (over: number) => [measured(smaller, high + over), measured(larger, high)];
  const broken = (over: number) =>
    brokenOrders(sheet(over)).filter((order) => order.smaller === smaller && order.larger === larger);

  it("is usual up to its slack, and asked about beyond it", () => {
    expect(broken(-50)).toEqual([]);
    expect(broken(slackMm)).toEqual([]);
    expect(broken(slackMm + 0.1)).toHaveLength(1);
  });

  it("is asked about with both numbers, and the slack where there is one", () => {
    const [finding] = foundBy("body.order", sheet(slackMm + 5)).filter(({ code }) => code === smaller);
    expect(finding?.lengths).toMatchObject({ low: high + slackMm + 5, high, slack: slackMm });
    expect(finding?.template.includes("{slack}")).toBe(slackMm > 0);
  });
});

describe("orders", () => {
  it("with one of the two missing ask nothing", () => {
    expect(brokenOrders([measured("waist", 1200)])).toEqual([]);
  });

  it("hold one another: no order is asked for both ways round", () => {
    const pairs = USUAL_ORDERS.map(({ smaller, larger }) => `${smaller}<${larger}`);
    expect(new Set(pairs).size).toBe(pairs.length);
    for (const { smaller, larger } of USUAL_ORDERS) expect(pairs).not.toContain(`${larger}<${smaller}`);
  });

  it("are all kept by a usual body", () => {
    const body = measuredAll({
      overbust: 880,
      bust: 940,
      underbust: 790,
      underbust_inhaled: 820,
      waist: 740,
      waist_inhaled: 760,
      waist_seated: 775,
      cinched_waist: 680,
      high_hip: 900,
      hip: 1000,
      waist_to_high_hip: 100,
      waist_to_hip: 205,
      crotch_depth: 270,
      crotch_front: 330,
      crotch_back: 380,
      side_waist: 205,
      back_waist: 410,
      front_waist: 440,
      bust_front_arc: 500,
      waist_front_arc: 380,
      hip_front_arc: 480,
    });
    expect(brokenOrders(body)).toEqual([]);
  });
});
