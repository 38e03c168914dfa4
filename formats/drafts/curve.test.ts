import { describe, expect, it } from "vitest";
import { curveText, laidOtherwise, readCurveText } from "./curve.ts";
import { readCurveSvg } from "./svg/readCurve.ts";

const problem = (read: ReturnType<typeof readCurveText>) => (read.ok ? null : read.problem);
const svg = (inner: string, head = 'width="300mm" viewBox="0 0 300 100"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${head}>${inner}</svg>`;

describe("a traced curve that is typed", () => {
  it("is a line a place, counted from its first, with points or commas", () => {
    expect(readCurveText("10 0\n70 12,5\n\n 140; −3 \n")).toEqual({
      ok: true,
      value: [
        { along: 0, off: 0 },
        { along: 60, off: 12.5 },
        { along: 130, off: -3 },
      ],
    });
  });

  it("is written as it is read", () => {
    const points = [
      { along: 0, off: 0 },
      { along: 60.5, off: 12 },
      { along: 130, off: -3 },
    ];
    expect(readCurveText(curveText(points))).toEqual({ ok: true, value: points });
  });

  it.each([
    ["0 0\n60 wide\n120 0", /^Line 2: expected two numbers in mm.*got “60 wide”/],
    ["0 0\n60\n120 0", /^Line 2: expected two numbers/],
    ["0 0 0\n60 1\n120 0", /^Line 1: expected two numbers/],
    ["0 0\n120 4", /at least 3 places.*there are 2/],
    ["", /at least 3 places.*there are 0/],
    [Array.from({ length: 101 }, (_, at) => `${at} 0`).join("\n"), /at most 100 places.*there are 101/],
  ])("that is none is refused with its line: %j", (text, message) =>
    expect(problem(readCurveText(text))?.message).toMatch(message),
  );

  it("lies otherwise as it was read from the other end, or to the other side", () => {
    const points = [
      { along: 0, off: 0 },
      { along: 40, off: 12 },
      { along: 130, off: 2 },
    ];
    expect(laidOtherwise(points, { turned: true, flipped: true })).toEqual([
      { along: 0, off: -2 },
      { along: 90, off: -12 },
      { along: 130, off: -0 },
    ]);
  });
});

describe("a traced curve in an SVG", () => {
  it("is its one open line, read off the straight line between its ends, whichever way it is turned", () => {
    const arc = '<path d="M10 50 Q 110 130 210 50" fill="none"/>';
    for (const transform of ["", "rotate(37)", "translate(30 4) scale(1)"]) {
      const read = readCurveSvg(svg(`<g transform="${transform}">${arc}</g>`));
      if (!read.ok) throw new Error(read.problem.message);
      expect(read.value.at(-1)).toEqual({ along: 200, off: 0 });
      // The middle of such a curve lies half as far off as its handle.
      expect(Math.max(...read.value.map(({ off }) => off))).toBeCloseTo(40, 1);
    }
  });

  it("is as large as the file or the maker says", () => {
    const line = '<path d="M0 0 L 10 1 L 20 0"/>';
    const far = (read: ReturnType<typeof readCurveSvg>) => (read.ok ? read.value.at(-1)?.along : null);
    expect(far(readCurveSvg(svg(line, 'width="100mm" viewBox="0 0 20 20"')))).toBe(100);
    expect(far(readCurveSvg(svg(line, ""), 10))).toBe(200);
    expect(problem(readCurveSvg(svg(line, "")))?.code).toBe("unit-unknown");
  });

  it.each([
    [svg('<path d="M0 0 L 10 0 L 10 10 Z"/>'), /one open line.*has none/],
    [svg('<path d="M0 0 L 10 0"/><path d="M0 5 L 10 5"/>'), /one open line.*has 2/],
    [svg("<script>1</script>"), /script/],
    ["not a file", /SVG/],
  ])("that is none is refused", (text, message) => expect(problem(readCurveSvg(text))?.message).toMatch(message));
});
