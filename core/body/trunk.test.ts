import { describe, expect, it } from "vitest";
import { measuredAll } from "../testing/index.ts";
import { bodyTrunk, spreadWords, TRUNK_CODES, trunkName } from "./trunk.ts";

const PARTS = { front_waist: 440, crotch_front: 320, crotch_back: 370, back_waist: 410 } as const;

describe("the trunk of a sheet", () => {
  it("is the sum of its parts where no loop was taped, and called so", () => {
    const trunk = bodyTrunk(measuredAll(PARTS));
    expect(trunk).toEqual({ mm: 1540, basis: "parts", partsMm: 1540 });
    expect(trunk && trunkName(trunk)).toBe("trunk loop, the sum of its four parts");
    expect(trunk && spreadWords(trunk)).toEqual([]);
  });

  it("is the tape's where it was taped, with the difference told", () => {
    const trunk = bodyTrunk(measuredAll({ ...PARTS, trunk_loop: 1520 }));
    expect(trunk).toEqual({ mm: 1520, basis: "taped", partsMm: 1540 });
    expect(trunk && trunkName(trunk)).toBe("trunk loop, as taped");
    expect(trunk && spreadWords(trunk)).toEqual([
      expect.stringMatching(/add up to 154\.0 cm; .* difference of -20 mm/),
    ]);
  });

  it("tells no difference that is none", () => {
    expect(spreadWords({ mm: 1540.4, basis: "taped", partsMm: 1540 })).toEqual([]);
    expect(spreadWords({ mm: 1540.5, basis: "taped", partsMm: 1540 })).toHaveLength(1);
  });

  it("is the tape's alone where a part is missing", () => {
    expect(bodyTrunk(measuredAll({ front_waist: 440, trunk_loop: 1520 }))).toMatchObject({ mm: 1520, partsMm: null });
  });

  it.each(TRUNK_CODES)("is unknown without a tape and without %s", (code) => {
    const { [code]: _left, ...others } = PARTS;
    expect(bodyTrunk(measuredAll(others))).toBeNull();
  });
});
