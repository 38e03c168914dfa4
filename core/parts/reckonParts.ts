import type { Lack, Reckoning } from "../calculation/index.ts";
import { leavesNeckCords } from "../ease/index.ts";
import { apartBy } from "./belongs.ts";
import { type DecidedStyle, type DecisionId, isTop, isWhole, type PartChoices, type PartOption } from "./decision.ts";
import { decisionsOf, decisionsOpen, optionsChosen } from "./decisions/index.ts";
import type { PartsFacts } from "./partsFacts.ts";
import { type PieceRow, pieceRows } from "./pieceRows.ts";
import { PART_RULES, type PartVerdict } from "./rules/index.ts";
import type { PartsWorking } from "./working.ts";

/** What a garment's parts come to. */
export interface PartsReckoning extends Reckoning {
  readonly verdicts: readonly PartVerdict[];
  /** Every piece to cut. */
  readonly rows: readonly PieceRow[];
  /** Lines to cut on pieces that have several. */
  readonly lines: readonly string[];
  /** What to look at when it is first tried on. */
  readonly checks: readonly string[];
  /** What the recipes draw otherwise than was decided, in sentences. */
  readonly otherwise: readonly string[];
}

/** A pocket that a lined front keeps. */
const POCKET: PartOption = {
  ...{ id: "pocket", name: "pocket" },
  brings: [{ name: "Pocket for cups", count: 1, role: "lining", how: "inside the lined front, open at the side" }],
};

/** What follows from the parts that were chosen. */
export function reckonParts(working: PartsWorking, facts: PartsFacts): PartsReckoning {
  const chosen = optionsChosen(working, facts.style);
  const options = [
    ...chosen.map(({ option }) => option),
    ...(isWhole(facts.style) && keepsPocket(working, facts.style) ? [POCKET] : []),
  ];
  const rows = pieceRows(facts.sets, options, facts.cloths).map((row) => ({
    ...row,
    apart: apartBy(working, row.id, facts.style),
  }));
  const verdicts = PART_RULES.flatMap(({ says }) =>
    says(working, {
      drafts: facts.sets.map(({ draft }) => draft),
      pullOn: facts.pullOn,
      briefDrops: facts.kept.briefPieces ? numbersOf(facts.kept.briefPieces) : null,
      isChild: facts.isChild,
      opens: openedBy(working, facts.style),
    }),
  );
  const lacks: Lack[] =
    rows.length === 0
      ? [
          {
            what: "plan",
            message: "No pieces yet: decide, and those that are drawn here are kept with it; or keep some at Pieces.",
          },
        ]
      : [];
  return {
    ...{ verdicts, rows, numbers: [], lacks },
    lines: options.flatMap(({ line }) => line ?? []),
    checks: checksOf(working, facts.style),
    otherwise: otherwiseOf(working, facts),
    notes: [...openNote(working, facts.style), ...cupsNote(working, facts.style), ...frontNote(working, facts)],
    warnings: verdicts.filter(({ kind }) => kind === "forbidden").map(({ message }) => message),
  };
}

/** What to look at when it is first tried on, by the parts that were chosen: it goes into the fitting's list. */
export const checksOf = (choices: PartChoices, style: DecidedStyle): string[] =>
  optionsChosen(choices, style).flatMap(({ option: { check } }) => check ?? []);

/** A lined front keeps a pocket unless that is refused. */
const keepsPocket = ({ lining, pocket }: PartChoices, style: DecidedStyle): boolean =>
  (lining === "front" || lining === "whole") &&
  pocket !== "refused" &&
  decisionsOf(style).some(({ id }) => id === "pocket");

/** Between a cup and its lining lies a pocket already. */
const cupsNote = (choices: PartChoices, style: DecidedStyle): string[] =>
  isTop(style) && keepsPocket(choices, style)
    ? ["The pocket for cups lies between each cup and its lining: leave the lining open at the side."]
    : [];

/** The layers of a plan stretch together all round: a lining that lies in the front alone does so there alone. */
const frontNote = ({ lining }: PartChoices, { cloths }: PartsFacts): string[] =>
  lining === "front" && cloths.some(({ role }) => role === "lining")
    ? [
        "The lining lies in the front alone, and the ease plan lets it pull all round: the back, of the shell alone, gives more than its figures say, and the front less. Look at the side seams when it is first tried on: do they stay at the side?",
      ]
    : [];

function openNote(choices: PartChoices, style: DecidedStyle): string[] {
  const open = decisionsOpen(choices, style);
  return open.length === 0
    ? []
    : [
        `Not decided: ${open.map(({ name }) => name.toLowerCase()).join(", ")}. A decorative strap or overlay can stay open until after the first fitting.`,
      ];
}

const numbersOf = (options: Readonly<Record<string, unknown>>): Record<string, number | null> =>
  Object.fromEntries(
    Object.entries(options).flatMap(([name, value]) =>
      typeof value === "number" || value === null ? [[name, value]] : [],
    ),
  );

/** Options of recipes that are kept otherwise than the parts say. */
function otherwiseOf(choices: PartChoices, { style, kept }: PartsFacts): string[] {
  return optionsChosen(choices, style).flatMap(({ decision, option }) => {
    const off = Object.entries(option.sets ?? {}).some(([id, wanted]) => {
      const own = kept[id];
      return own && Object.entries(wanted).some(([name, value]) => own[name] !== value);
    });
    return off ? [`${decision.name}: “${option.name}” was decided, but the kept pieces are drawn otherwise.`] : [];
  });
}

/** Options of recipes that the choices set, by what they draw. */
export function optionsSetBy(
  choices: PartChoices,
  style: DecidedStyle,
): Record<string, Record<string, string | number>> {
  const all: Record<string, Record<string, string | number>> = {};
  for (const { option } of optionsChosen(choices, style))
    for (const [id, own] of Object.entries(option.sets ?? {})) all[id] = { ...all[id], ...own };
  return all;
}

/** Rings that the choices open, with how. */
export const openedBy = (choices: PartChoices, style: DecidedStyle): Readonly<Record<string, string>> =>
  Object.assign({}, ...optionsChosen(choices, style).map(({ option: { opens = {} } }) => opens)) as Record<
    string,
    string
  >;

/** The decision that leaves free cords at the neck; null where none does. */
export const tiedAtNeck = (choices: PartChoices, style: DecidedStyle): DecisionId | null =>
  optionsChosen(choices, style).find(({ option: { opens = {} } }) => leavesNeckCords(opens))?.decision.id ?? null;
