import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, draftOf, sampleDraft, samplePiece } from "../../testing/index.ts";
import type { Draft } from "../draft.ts";
import { curved, point, straight } from "../geometry/index.ts";
import type { Piece, PieceEdge } from "../piece/index.ts";
import { CHECKS, checkDraft } from "./checks.ts";

const SQUARE = [
  [0, 0],
  [100, 0],
  [100, 80],
  [0, 80],
] as const;
const brokenBy = (draft: Draft) => checkDraft(draft).filter(({ ok }) => !ok);
const edited = (piece: Piece, id: string, own: Partial<PieceEdge>): Piece => ({
  ...piece,
  edges: piece.edges.map((edge) => (edge.id === id ? { ...edge, ...own } : edge)),
});
const named = (id: string, own: Partial<Piece> = {}) => samplePiece(SQUARE, { id, name: id, ...own });

it("a sound draft is told so once by every rule", () => {
  const answers = checkDraft(sampleDraft("brief", BRIEF_FACTS));
  expect(answers.map(({ id }) => id)).toEqual(CHECKS.map(({ id }) => id));
  expect(answers.every(({ ok, message }) => ok && message.endsWith("."))).toBe(true);
});

describe("seams", () => {
  const seam = { piece: "other", edge: "b", easeMm: 0 };
  const [one, other] = [edited(named("one"), "b", { seam }), named("other")];

  it("of equal length hold, 1 mm aside", () => expect(brokenBy(draftOf([one, other]))).toEqual([]));

  it("of another length are named with both, unless the ease is stated", () => {
    const longer = edited(one, "b", { lines: [straight(point(100, 0), point(100, 78))] });
    const closed = edited(longer, "c", { lines: [straight(point(100, 78), point(0, 80))] });
    expect(brokenBy(draftOf([closed, other]))).toEqual([
      {
        id: "seamsMatch",
        ok: false,
        piece: "one",
        edge: "b",
        at: point(100, 0),
        message: "Expected b of “one” (78.0 mm) to be as long as b of “other” (80.0 mm), within 1 mm.",
      },
    ]);
    expect(brokenBy(draftOf([edited(closed, "b", { seam: { ...seam, easeMm: -2 } }), other]))).toEqual([]);
  });

  it("to a piece that is not there are named", () =>
    expect(brokenBy(draftOf([one]))).toMatchObject([
      { id: "seamsMatch", message: expect.stringMatching(/b of “other”, but there is none/) },
    ]));
});

describe("folds", () => {
  const fold = { finish: "fold", allowanceMm: 0 } as const;
  const folded = edited(named("half", { onFold: true }), "d", fold);

  it("straight and square hold", () => expect(brokenBy(draftOf([folded]))).toEqual([]));

  it("met at a slant are named with the angle", () => {
    const leaning = edited(folded, "a", { lines: [straight(point(0, 0), point(100, 5))] });
    const slanted = edited(leaning, "b", { lines: [straight(point(100, 5), point(100, 80))] });
    expect(brokenBy(draftOf([slanted]))).toMatchObject([
      {
        id: "foldsStraight",
        piece: "half",
        edge: "a",
        at: point(0, 0),
        message: expect.stringMatching(/square, but it is 2\.9° off/),
      },
    ]);
  });

  it("that bend, or are not there, are named", () => {
    const bent = edited(folded, "d", { lines: [curved(point(0, 80), point(5, 60), point(0, 20), point(0, 0))] });
    expect(brokenBy(draftOf([bent]))).toMatchObject([{ message: expect.stringMatching(/one straight edge/) }]);
    expect(brokenBy(draftOf([named("half", { onFold: true })]))).toMatchObject([
      { message: expect.stringMatching(/no edge of it is one/) },
    ]);
  });
});

describe("an outline", () => {
  it("closes: edges that do not meet are named with how far they are apart", () => {
    const piece = named("front");
    expect(brokenBy(draftOf([piece]))).toEqual([]);
    const open = edited(piece, "a", { lines: [straight(point(0, 0), point(99.5, 0))] });
    expect(brokenBy(draftOf([open]))).toMatchObject([
      { id: "outlineCloses", at: point(99.5, 0), message: expect.stringContaining("0.50 mm apart") },
    ]);
  });
});

describe("crossings", () => {
  it("of two edges are named with their place", () => {
    const bow = samplePiece([
      [0, 0],
      [100, 80],
      [100, 0],
      [0, 80],
    ]);
    expect(brokenBy(draftOf([bow]))).toMatchObject([{ id: "noCrossing", at: point(50, 40) }]);
  });

  it("of a curve with itself, too", () => {
    const loop = edited(named("loop"), "a", {
      lines: [curved(point(0, 0), point(260, -150), point(-160, -150), point(100, 0))],
    });
    expect(brokenBy(draftOf([loop]))).toMatchObject([{ id: "noCrossing" }]);
  });
});

describe("lines over a seam", () => {
  const oneLines = [
    { first: { piece: "one", edge: "a", end: "end" }, second: { piece: "other", edge: "c", end: "start" } },
  ] as const;

  it("square to it on both sides go on", () =>
    expect(brokenBy(draftOf([named("one"), named("other")], { oneLines }))).toEqual([]));

  it("that turn there are named with the angle; a turn that the other piece takes back is none", () => {
    const slanted = edited(named("one"), "a", { lines: [straight(point(0, 0), point(100, -10))] });
    const closed = edited(slanted, "b", { lines: [straight(point(100, -10), point(100, 80))] });
    expect(brokenBy(draftOf([closed, named("other")], { oneLines }))).toMatchObject([
      { id: "linesGoOn", at: point(100, -10), message: expect.stringMatching(/turns by 5\.7° there/) },
    ]);
    const back = edited(named("other"), "c", { lines: [straight(point(100, 80), point(0, 90))] });
    expect(
      brokenBy(draftOf([closed, edited(back, "d", { lines: [straight(point(0, 90), point(0, 0))] })], { oneLines })),
    ).toEqual([]);
  });

  it("of an edge that is not there are named", () =>
    expect(brokenBy(draftOf([named("one")], { oneLines }))).toMatchObject([
      { message: expect.stringMatching(/is not there/) },
    ]));
});

describe("girths", () => {
  const girth = (halfMm: number) => {
    const levels = [{ level: "waist", from: point(0, 20), to: point(halfMm, 20) }];
    return draftOf([named("whole", { levels, count: 2 })], {
      round: ["whole"],
      levels: [{ level: "waist", plannedMm: 640 }],
    });
  };

  it.each([320, 320.45, 319.55])("of 640 hold at twice %d", (mm) => expect(brokenBy(girth(mm))).toEqual([]));
  it.each([319.2, 321, Number.NaN])("of 640 are named at twice %d", (mm) =>
    expect(brokenBy(girth(mm))).toMatchObject([
      { id: "girthsSum", message: expect.stringMatching(/640\.0 mm at waist/) },
    ]),
  );
});

describe("linked pieces", () => {
  const linked = (own: Partial<PieceEdge>) => [
    named("shell", { links: ["lining"] }),
    edited(named("lining"), "b", own),
  ];

  it("alike hold", () => expect(brokenBy(draftOf(linked({})))).toEqual([]));
  it("that differ in an edge are named with it", () =>
    expect(
      brokenBy(draftOf(linked({ lines: [curved(point(100, 0), point(103, 20), point(103, 60), point(100, 80))] }))),
    ).toMatchObject([{ id: "linksAlike", piece: "shell", edge: "b" }]));
  it("that are not there are named", () =>
    expect(brokenBy(draftOf([named("shell", { links: ["lining"] })]))).toMatchObject([
      { message: expect.stringMatching(/no “lining”/) },
    ]));
});

describe("edges with elastic", () => {
  const elastic = (edgeMm: number) => {
    const along = { parts: [{ piece: "front", edge: "b" }], plusMm: edgeMm - 80 };
    return draftOf([named("front")], { elastics: [{ name: "leg edge", along, plannedMm: 560, bodyMm: 620 }] });
  };

  it.each([560, 600, 620.9])("of %d between plan and body hold", (mm) => expect(brokenBy(elastic(mm))).toEqual([]));
  it.each([
    [550, /at least the planned 560/],
    [630, /at most the 620 mm it lies on, but it is 630/],
  ])("of %d do not", (mm, message) =>
    expect(brokenBy(elastic(mm))).toMatchObject([
      { id: "elasticsTakeUp", piece: "front", edge: "b", at: point(100, 0), message: expect.stringMatching(message) },
    ]),
  );
});

describe("the cloth", () => {
  it.each([
    [false, 120, []],
    [false, 119, ["fitsRoll"]],
    // Unfolded twice as wide.
    [true, 220, []],
    [true, 219, ["fitsRoll"]],
  ])("a piece of 100 mm and its allowances (on the fold: %s) and a cloth of %d", (onFold, rollMm, broken) => {
    const piece = onFold ? edited(named("half", { onFold }), "d", { finish: "fold", allowanceMm: 0 }) : named("whole");
    expect(brokenBy(draftOf([piece], { rollMm })).map(({ id }) => id)).toEqual(broken);
  });
});

it("a length past the measure that ends it is named", () => {
  const along = { parts: [{ piece: "front", edge: "b" }], plusMm: 120 };
  const limit = { name: "side", along, mostMm: 190, mostName: "crotch_depth" };
  expect(brokenBy(draftOf([named("front")], { limits: [limit] }))).toMatchObject([
    {
      id: "limitsKept",
      at: point(100, 0),
      message: "Expected the side to be at most crotch_depth, 190 mm, but it is 200 mm.",
    },
  ]);
});
