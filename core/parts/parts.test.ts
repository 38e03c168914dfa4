import { describe, expect, it } from "vitest";
import type { CutCloth } from "../calculation/index.ts";
import { STYLES, styleOf } from "../ease/index.ts";
import { isPiecesId, recipeOfPieces } from "../pieces/index.ts";
import { BRIEF_FACTS, draftOf, ONE_PIECE_FACTS, sampleDraft, samplePiece } from "../testing/index.ts";
import { leftOut, partsOfStyle } from "./belongs.ts";
import { choicesDrawn } from "./choicesDrawn.ts";
import { DECISION_IDS, OPEN, type PartChoices } from "./decision.ts";
import { DECISIONS, decisionsOf } from "./decisions/index.ts";
import type { PartsFacts } from "./partsFacts.ts";
import { checksOf, openedBy, optionsSetBy, reckonParts, tiedAtNeck } from "./reckonParts.ts";
import { NEW_PARTS, type PartsWorking } from "./working.ts";

const [onePiece, brief, swimTop] = [styleOf("onePiece"), styleOf("brief"), styleOf("swimTop")];
const FACTS: PartsFacts = { style: onePiece, ofStyle: {}, sets: [], kept: {}, cloths: [], isChild: false, pullOn: [] };
const choices = (own: Partial<PartChoices>): PartsWorking => ({ ...NEW_PARTS, ...own });
const reckon = (own: Partial<PartChoices>, facts: Partial<PartsFacts> = {}) =>
  reckonParts(choices(own), { ...FACTS, ...facts });
const forbidden = (own: Partial<PartChoices>, facts: Partial<PartsFacts> = {}) =>
  reckon(own, facts).verdicts.filter(({ kind }) => kind === "forbidden").length;

describe("a garment of a child", () => {
  it("is tied nowhere at the neck", () => {
    expect(forbidden({ closure: "neckTie" }, { isChild: true })).toBe(1);
    expect(forbidden({ closure: "neckHook" }, { isChild: true })).toBe(0);
    expect(forbidden({ closure: "neckTie" })).toBe(0);
    const [verdict] = reckon({ closure: "neckTie" }, { isChild: true }).verdicts;
    expect(verdict?.message).toMatch(/can catch and strangle.*follow the local code/);
    expect([tiedAtNeck(choices({ closure: "neckTie" }), onePiece), tiedAtNeck(NEW_PARTS, onePiece)]).toEqual([
      "closure",
      null,
    ]);
  });
});

const SETS = [{ id: "onePiecePieces", draft: sampleDraft("onePiece", ONE_PIECE_FACTS) }] as const;

describe("decisions about parts", () => {
  it("are those a style has, each with options of its own", () => {
    const ids = (style: typeof brief) =>
      decisionsOf(style)
        .map(({ id }) => id)
        .join(" ");
    expect(ids(onePiece)).toBe("front back leg seat closure lining pocket overlay");
    expect(ids(brief)).toBe("leg seat rise waist lining overlay");
    expect(ids(swimTop)).toBe("bandClosure bandLine lining pocket overlay");
    expect(decisionsOf(styleOf("lacedCorset"))).toEqual([]);
    for (const id of DECISION_IDS) {
      const names = DECISIONS[id].options.map((option) => option.id);
      expect(new Set([OPEN, ...names]).size, id).toBe(names.length + 1);
      expect(
        STYLES.some((style) => DECISIONS[id].appears(style)),
        id,
      ).toBe(true);
    }
  });

  it("set options that recipes have, at values these take", () => {
    for (const id of DECISION_IDS)
      for (const { sets = {}, name } of DECISIONS[id].options)
        for (const [pieces, own] of Object.entries(sets)) {
          if (!isPiecesId(pieces)) throw new Error(`${name} sets ${pieces}.`);
          for (const [option, value] of Object.entries(own)) {
            const there = recipeOfPieces(pieces).options.find((one) => one.id === option);
            const takes =
              there?.as === "choice"
                ? there.answers.some((answer) => answer.id === value)
                : there?.as === "number" && typeof value === "number" && value >= there.least && value <= there.most;
            expect(takes, `${id} ${name}: ${pieces} ${option} ${value}`).toBe(true);
          }
        }
  });

  it("come together to what the recipes draw and which rings open, of the style alone", () => {
    const own = choices({ front: "v", back: "halter", leg: "high", seat: "less", closure: "neckTie", rise: "low" });
    expect(optionsSetBy(own, onePiece)).toEqual({
      briefPieces: { leg_raise: 80, back_leg: "curved" },
      onePiecePieces: { neck: "v", back: "halter", leg_raise: 80, back_leg: "curved" },
    });
    expect(openedBy(own, onePiece)).toEqual({ overbust: "ties" });
    expect(openedBy(own, brief)).toEqual({});
    expect(checksOf(own, onePiece)).toHaveLength(4);
  });
});

describe("what goes together", () => {
  it("needs a back that rises to be whole, and a halter to fasten", () => {
    expect(forbidden({ back: "high", closure: "neckTie" })).toBe(1);
    expect(forbidden({ back: "high", closure: "backHook" })).toBe(1);
    expect([forbidden({ back: "high", closure: "zip" }), forbidden({ back: "scoop", closure: "neckTie" })]).toEqual([
      0, 0,
    ]);
    expect(forbidden({ back: "halter", closure: "none" })).toBe(1);
    expect([forbidden({ back: "halter", closure: "neckHook" }), forbidden({ back: "halter" })]).toEqual([0, 0]);
  });

  it("cuts a band to the long line where a hook takes its end only", () => {
    expect(forbidden({ bandLine: "long", bandClosure: "tie" })).toBe(1);
    expect(forbidden({ bandLine: "long", bandClosure: "hook" })).toBe(0);
    expect(forbidden({ bandLine: "short", bandClosure: "tie" })).toBe(0);
  });

  it("takes a casing to the rise the pieces are drawn to", () => {
    const drawn = (front: number | null) => ({
      kept: { briefPieces: { waist_drop_front: front, back_leg: "curved" } },
    });
    expect(forbidden({ waist: "casing", rise: "mid" }, drawn(20))).toBe(1);
    expect(forbidden({ waist: "casing", rise: "mid" }, drawn(50))).toBe(0);
    expect(forbidden({ waist: "casing", rise: "mid" }, drawn(null))).toBe(0);
    expect(forbidden({ waist: "elastic", rise: "mid" }, drawn(20))).toBe(0);
  });

  it("has leg lines that meet at the side within 2 mm", () => {
    const piece = (id: string, sideMm: number) => {
      const one = samplePiece(
        [
          [0, 0],
          [100, 0],
          [100, sideMm],
          [0, sideMm],
        ],
        { id },
      );
      return {
        ...one,
        edges: one.edges.map((edge, at) => ({ ...edge, role: at === 1 ? ("side" as const) : ("leg" as const) })),
      };
    };
    const sets = (backMm: number) =>
      [{ id: "briefPieces", draft: draftOf([piece("front", 120), piece("back", backMm)]) }] as const;
    expect(forbidden({}, { sets: sets(122) })).toBe(0);
    expect(forbidden({}, { sets: sets(122.5) })).toBe(1);
    expect(forbidden({}, { sets: [{ id: "briefPieces", draft: sampleDraft("brief", BRIEF_FACTS) }] })).toBe(0);
  });

  it("shows nothing of a lining where it is worn both ways round, and has its own order", () => {
    const { verdicts } = reckon({ lining: "reversible", waist: "elastic", pocket: "kept" });
    expect(verdicts.map(({ kind }) => kind)).toEqual(["forbidden", "forbidden", "asks"]);
  });

  it("lets a one-piece without an opening be, but pulling on has the word", () => {
    const pullOn = [
      { ring: "waist", verdict: "closure", shortfallMm: 42.4 },
      { ring: "overbust", verdict: "goes", shortfallMm: 0 },
    ] as const;
    expect(reckon({ closure: "none" }, { pullOn }).verdicts).toEqual([
      { kind: "asks", message: expect.stringContaining("waist lacks 42 mm") },
    ]);
    expect(reckon({ closure: "zip" }, { pullOn }).verdicts).toEqual([]);
  });
});

describe("pieces of a bought pattern", () => {
  const belongs = { "ownPieces/v": "front/v", "ownPieces/scoop": "front/scoop", "ownPieces/back": "" };
  const out = (own: Partial<PartsWorking>) => leftOut({ ...NEW_PARTS, belongs, ...own });

  it("are left out where their part was decided otherwise, and stay while it is open", () => {
    expect(out({ front: "v" })).toEqual(["ownPieces/scoop"]);
    expect(out({ front: "straight", without: ["ownPieces/back"] })).toEqual([
      "ownPieces/back",
      "ownPieces/v",
      "ownPieces/scoop",
    ]);
    expect(out({})).toEqual([]);
  });

  it("can be ticked to every option of the style's decisions", () => {
    expect(partsOfStyle(brief).map(({ label }) => label)).toContain("Rise: low");
    expect(partsOfStyle(brief).every(({ value }) => !value.startsWith("front/"))).toBe(true);
  });
});

describe("the list of pieces", () => {
  it("says that a lining of the front alone is planned as if it went round", () => {
    const cloth = { direction: "across", rollWidthMm: 1500, shrinkageAlong: null, shrinkageAcross: null } as const;
    const shell: CutCloth = { ...cloth, name: "Swim knit", role: "shell", usable: 0.6, advice: [] };
    const cloths = [shell, { ...shell, name: "Lining knit", role: "lining" as const }];
    const said = (lining: string, layers: readonly CutCloth[]) => reckon({ lining }, { cloths: layers }).notes.join();
    expect(said("front", cloths)).toContain("the ease plan lets it pull all round");
    expect(said("whole", cloths)).not.toContain("all round");
    expect(said("front", [shell])).not.toContain("all round");
  });

  it("has every piece that is drawn, with its cloth, its allowances and what changes with it, and what an option brings", () => {
    const cloths: readonly CutCloth[] = [
      {
        ...{ name: "Swim knit", role: "shell", direction: "across", rollWidthMm: 1500 },
        ...{ shrinkageAlong: null, shrinkageAcross: null, usable: 0.6, advice: ["It stretches further along."] },
      },
    ];
    const { rows } = reckon({ lining: "front" }, { sets: SETS, cloths });
    expect(rows.map(({ name, count, drawn }) => [name, count, drawn])).toEqual([
      ["Front", 1, true],
      ["Back", 1, true],
      ["Gusset", 1, true],
      ["Gusset lining", 1, true],
      ["Front lining", 1, false],
      ["Pocket for cups", 1, false],
    ]);
    expect(rows[0]).toMatchObject({
      ...{
        how: "on the fold",
        cloth: "shell, Swim knit, across round the body",
        advice: ["It stretches further along."],
      },
      allowances: "10 mm at neckline, armhole, leg; 6 mm at shoulder, side, gusset",
    });
    expect(rows[2]?.links).toEqual(["Gusset lining"]);
    expect(rows[3]?.cloth).toBe("lining");
  });

  it("has a lining as it is drawn in the place of one that is only listed", () => {
    const draft = sampleDraft("onePiece", {
      ...ONE_PIECE_FACTS,
      options: { ...ONE_PIECE_FACTS.options, lining: "whole" },
    });
    const { rows } = reckon({ lining: "whole" }, { sets: [{ id: "onePiecePieces", draft }] });
    expect(rows.filter(({ role }) => role === "lining").map(({ name, drawn }) => [name, drawn])).toEqual([
      ["Gusset lining", true],
      ["Front lining", true],
      ["Back lining", true],
      // No underbust is planned: where it ends is not known, and it stays in the list.
      ["Pocket for cups", false],
    ]);
  });

  it("keeps a pocket in a lined top unless it is refused", () => {
    const pocket = (own: Partial<PartChoices>) => reckon(own).rows.some(({ name }) => name === "Pocket for cups");
    expect([
      pocket({ lining: "whole" }),
      pocket({ lining: "whole", pocket: "refused" }),
      pocket({ lining: "none" }),
    ]).toEqual([true, false, false]);
    expect(reckon({ lining: "front" }, { style: brief }).rows.map(({ name }) => name)).toEqual(["Front lining"]);
  });

  it("says where kept pieces are drawn otherwise than was decided", () => {
    const kept = { onePiecePieces: { neck: "scoop", back: "high" } };
    expect(reckon({ front: "v", back: "high" }, { kept }).otherwise).toEqual([
      "Front: “V” was decided, but the kept pieces are drawn otherwise.",
    ]);
    expect(reckon({ front: "v" }).otherwise).toEqual([]);
  });
});

describe("options that are kept at Pieces", () => {
  const before = { neck: "scoop", plunge_line: "fuller", back: "scoop", leg_raise: null, back_leg: "straight" };
  const drawn = (now: Readonly<Record<string, unknown>>, own: Partial<PartChoices> = {}) =>
    choicesDrawn("onePiecePieces", { before, now: { ...before, ...now } }, { choices: choices(own), style: onePiece });

  it("decide the part they draw, by all that it sets", () => {
    expect(drawn({ neck: "v", leg_raise: 80 })).toEqual({ front: "v", leg: "high" });
    expect(drawn({ neck: "plunge", plunge_line: "plainer" })).toEqual({ front: "plungePlainer" });
  });

  it("leave open what was not touched, and what no answer is drawn as", () => {
    expect(drawn({})).toEqual({});
    expect(drawn({ leg_raise: 55 }, { leg: "high" })).toEqual({});
  });

  it("change what was decided otherwise, whether it was touched now or before", () => {
    expect(drawn({ back: "high" }, { back: "halter", front: "scoop" })).toEqual({ back: "high" });
    expect(drawn({}, { back: "halter" })).toEqual({ back: "scoop" });
  });
});
