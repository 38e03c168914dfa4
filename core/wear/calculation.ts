import { type Calculation, small } from "../calculation/index.ts";
import { CORSET_LEVEL_NAMES, CORSET_LEVELS } from "../corset/index.ts";
import { isBoned } from "../ease/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import type { Upcast } from "../upcast.ts";
import { reckonWear, type WearReckoning } from "./reckonWear.ts";
import { type WearFacts, wearFactsOf } from "./wearFacts.ts";
import { NEW_WEAR, READ_AFTER_MIN, type WearWorking } from "./working.ts";

/** So many readings and wears are kept of a garment. */
const [MOST_READ, MOST_WEARS] = [60, 120] as const;

const gap = (label: string) => ({ as: "small", label, mostMm: 400 }) as const;
const closed = (minutes: number) => ({ as: "length", label: `${minutes} min`, mostMm: 2000 }) as const;

const SETTLING = { at0Mm: closed(0), at10Mm: closed(10), at30Mm: closed(30), at120Mm: closed(120) } as const;

const AT_LEVEL = {
  as: "choice",
  label: "At the",
  choices: CORSET_LEVELS.map((value) => ({ value, label: CORSET_LEVEL_NAMES[value].toLowerCase() })),
} as const;

/** Wears before it was asked were kept without it. */
const withNumb: Upcast = (older) => ({
  ...older,
  wears: Array.isArray(older.wears) ? older.wears.map((wear: object) => ({ numb: false, ...wear })) : older.wears,
});

/** A boned garment closed on the body or the form, and worn. */
export const wearCalculation: Calculation<WearWorking, WearFacts, WearReckoning, DrawnJob> = {
  step: "wear",
  fresh: NEW_WEAR,
  fields: {
    targetMm: small("Gap wanted", 200, "Empty: that of the reduction.", true),
    pitchMm: small("Eyelets apart", 60, "Where the lace is pulled."),
    startOn: { as: "day", label: "First wear on" },
    gaps: {
      as: "rows",
      label: "Gaps as read",
      row: "gap",
      rowBy: ["topMm", "waistMm", "bottomMm"],
      most: MOST_READ,
      cells: {
        on: { as: "day", label: "On" },
        who: {
          as: "choice",
          label: "Closed on",
          choices: [
            { value: "wearer", label: "the wearer" },
            { value: "form", label: "a form" },
          ],
        },
        mockUp: { as: "number", label: "Mock-up", least: 1, most: 99 },
        topMm: gap("Top"),
        waistMm: gap("Waist"),
        bottomMm: gap("Bottom"),
      },
    },
    pulls: {
      as: "rows",
      label: "Pulls in the lace",
      row: "pull",
      rowBy: ["pullN"],
      most: MOST_READ,
      cells: {
        on: { as: "day", label: "On" },
        level: AT_LEVEL,
        after: {
          as: "choice",
          label: "After",
          choices: READ_AFTER_MIN.map((minutes) => ({ value: String(minutes), label: `${minutes} min` })),
        },
        pullN: { as: "number", label: "Pull", least: 0, most: 200, suffix: "N" },
        gapMm: gap("Gap there"),
      },
    },
    wears: {
      as: "rows",
      label: "Wears, with the closed waist after so many minutes",
      row: "wear",
      rowBy: ["on", "at0Mm"],
      most: MOST_WEARS,
      cells: {
        on: { as: "day", label: "On" },
        ...SETTLING,
        comfort: { as: "number", label: "Comfort, 1 to 5", least: 1, most: 5 },
        speaks: { as: "check", label: "Speaks long" },
        breathes: { as: "check", label: "Full breath" },
        marks: {
          as: "choice",
          label: "Marks",
          choices: [
            { value: "none", label: "none" },
            { value: "goes", label: "gone in 5 min" },
            { value: "stays", label: "stay" },
          ],
        },
        numb: { as: "check", label: "Numb, faint, in pain" },
        note: { as: "text", label: "Note", most: 60, wide: true },
      },
    },
    girths: {
      as: "rows",
      label: "Other levels in a wear, closed after so many minutes",
      row: "level",
      rowBy: ["at0Mm", "at10Mm", "at30Mm", "at120Mm"],
      most: MOST_WEARS,
      cells: { on: { as: "day", label: "Of the wear on" }, level: AT_LEVEL, ...SETTLING },
    },
  },
  upcasts: [withNumb],
  appears: isBoned,
  facts: wearFactsOf,
  reckon: reckonWear,
  again: ({ targetMm, pitchMm }) => ({ ...NEW_WEAR, targetMm, pitchMm }),
};
