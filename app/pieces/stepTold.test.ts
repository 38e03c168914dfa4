import { describe, expect, it } from "vitest";
import type { OperationReport } from "../../core/drafting/index.ts";
import { sideAmong, stepTold } from "./stepTold.ts";

const edge = (piece: string, id: string, beforeMm: number, afterMm: number) => ({ piece, edge: id, beforeMm, afterMm });
const report = (...edges: OperationReport["edges"]): OperationReport => ({ operation: "letOut", edges, girths: [] });
const call = (onSide?: "left" | "right") => ({ operation: "letOut", params: {}, ...(onSide ? { onSide } : {}) });
const told = (calls: readonly ReturnType<typeof call>[], ...reports: OperationReport[]) =>
  stepTold({ calls, reports }).map(({ name, beforeMm, afterMm }) => `${name}: ${beforeMm} to ${afterMm}`);

describe("what a change did to both sides of a piece", () => {
  it("never pairs the left before with the right after", () => {
    expect(told([call()], report(edge("upper", "cross", 180, 184), edge("upper.right", "cross", 166, 170)))).toEqual([
      "cross of the left upper: 180 to 184",
      "cross of the right upper: 166 to 170",
    ]);
    expect(
      told(
        [call("left"), call("right")],
        report(edge("side", "top", 90, 92)),
        report(edge("side.right", "top", 84, 87)),
      ),
    ).toEqual(["top of the left side: 90 to 92", "top of the right side: 84 to 87"]);
  });

  it("is told once where both came to the same, and with its side where one alone changed", () => {
    const both = report(edge("front", "side", 210, 205), edge("front.right", "side", 210, 205));
    expect(told([call()], both)).toEqual(["side of front: 210 to 205"]);
    expect(told([call("left")], report(edge("front", "side", 210, 205)))).toEqual([
      "side of the left front: 210 to 205",
    ]);
    expect(told([call()], report(edge("front", "side", 210, 205)))).toEqual(["side of front: 210 to 205"]);
  });

  it("is of cups of their own told by the side each is of", () => {
    const told = ["upper", "upper.right", "bridge"];
    expect(told.map((piece) => sideAmong(piece, told))).toEqual(["left", "right", undefined]);
  });

  it("goes from before its first operation to after its last, with what a dart has cut off", () => {
    const first = report(edge("front", "armhole", 300, 310));
    const second = report(edge("front", "armhole", 310, 150), edge("front", "armhole-2", 0, 148));
    expect(told([call(), call()], first, second)).toEqual(["armhole of front: 300 to 298"]);
  });

  it("tells a girth once, and nothing under half a millimetre", () => {
    const girth = (beforeMm: number, afterMm: number): OperationReport => ({
      ...report(edge("front", "side", 210, 210.4)),
      girths: [{ level: "waist", beforeMm, afterMm }],
    });
    expect(told([call(), call()], girth(700, 696), girth(696, 690))).toEqual(["girth at waist: 700 to 690"]);
  });
});
