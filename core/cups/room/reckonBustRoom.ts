import { type BodyFacts, known, type Reckoned, type Reckoning, reckoned, wantsOf } from "../../calculation/index.ts";
import { NEAR_LIMIT_SHARE } from "../../ease/index.ts";
import { type Term, term } from "../../explain/index.ts";
import { type BustRoom, type BustRoomInput, bustRoom } from "./bustRoom.ts";
import { type RoomWay, roomWays } from "./roomWays.ts";
import type { BustRoomWorking } from "./working.ts";

/** What bust room is reckoned from beside the working. */
export interface BustRoomFacts {
  readonly body: BodyFacts | null;
  /** Finished bust of the graded pattern at its chosen size, mm, with its words; null where there is none. */
  readonly chartBust: { readonly mm: number; readonly words: string } | null;
  /** Usable stretch round the body; null where no cloth was tested. */
  readonly usable: number | null;
  /** Girth planned at the bust, mm; null where there is none. */
  readonly plannedGarmentMm: number | null;
  readonly draftedDifferenceMm: number;
  readonly settingsName: string;
}

/** Bust room with its verdict and the ways of giving it. */
export interface BustRoomReckoning extends Reckoning {
  readonly room: BustRoom | null;
  /** Room chosen, both sides, mm; null where it is not known. */
  readonly chosenMm: number | null;
  readonly ways: readonly RoomWay[];
}

const bodyMm = term("body", "length");

/** Judges the room a bust needs in a pattern and compares the ways of giving it. */
export function reckonBustRoom(working: BustRoomWorking, facts: BustRoomFacts): BustRoomReckoning {
  const wants = wantsOf(facts.body);
  const given = known({
    bustMm: wants.girth("bust"),
    overbustMm: wants.girth("overbust"),
    patternBustMm: wants.entry(working.patternBustMm ?? facts.chartBust?.mm ?? null, "the pattern’s girth at the bust"),
    usable: facts.usable ?? wants.plan("Needs a cloth tested round the body: its stretch decides the least room."),
  });
  if (!given) return { numbers: [], lacks: wants.lacks, notes: [], warnings: [], room: null, chosenMm: null, ways: [] };
  const draftedDifferenceMm = working.draftedDifferenceMm ?? facts.draftedDifferenceMm;
  const input = { ...given, draftedDifferenceMm, plannedGarmentMm: facts.plannedGarmentMm, plannedStrain: null };
  const room = bustRoom(input);
  const chosenMm = chosenRoom(working, room);
  if (working.amount === "own") wants.entry(working.ownRoomMm, "your own room");
  return {
    numbers: numbersOf(room, input, working, facts, chosenMm),
    lacks: wants.lacks,
    headline: verdictWords(room),
    notes: facts.plannedGarmentMm === null ? ["No girth is planned at the bust: the full room is as worn."] : [],
    warnings: [],
    room,
    chosenMm,
    ways: chosenMm === null ? [] : roomWays(chosenMm, working),
  };
}

const chosenRoom = ({ amount, ownRoomMm }: BustRoomWorking, { fullRoomMm, leastRoomMm }: BustRoom): number | null =>
  amount === "full" ? fullRoomMm : amount === "least" ? leastRoomMm : ownRoomMm;

function verdictWords({ verdict, decidedBy, excessMm, strain }: BustRoom): string {
  const percent = `${Math.round(strain * 100)} %`;
  const by =
    decidedBy === "strain"
      ? `the bust would be strained ${percent}, past 0.6 of the usable stretch`
      : excessMm > 0
        ? `bust over overbust is ${Math.round(excessMm)} mm more than the pattern is drafted for`
        : "bust over overbust is no more than the pattern is drafted for";
  const words = { needed: "Room is needed", optional: "Room is optional", none: "No room is needed" } as const;
  return `${words[verdict]}: ${by}.`;
}

function numbersOf(
  room: BustRoom,
  input: BustRoomInput,
  working: BustRoomWorking,
  facts: BustRoomFacts,
  chosenMm: number | null,
): Reckoned[] {
  const source = facts.body?.source ?? "";
  const pattern = term("garment", "length")(
    "Gp",
    "pattern at the bust, as it is",
    input.patternBustMm,
    working.patternBustMm === null ? (facts.chartBust?.words ?? "") : "typed here",
  );
  const bust = bodyMm("B", "bust, snug", input.bustMm, source);
  return [
    reckoned("difference", "Bust over overbust, D", {
      formula: "D = B − Bo",
      terms: [bust, bodyMm("Bo", "overbust, snug", input.overbustMm, source)],
      result: { value: room.differenceMm, unit: "amount" },
    }),
    reckoned("excess", "Over what it is drafted for", {
      formula: "x = D − D₀",
      terms: [
        term("result", "amount")("D", "bust over overbust", room.differenceMm, "computed above"),
        term("setting", "amount")(
          "D₀",
          "difference the pattern is drafted for",
          input.draftedDifferenceMm,
          working.draftedDifferenceMm === null ? `not stated: ${facts.settingsName}` : "typed here",
        ),
      ],
      result: { value: room.excessMm, unit: "difference" },
      notes: ["Over 25 mm: room is needed. Over 0: optional."],
    }),
    reckoned("strain", "Bust strain, nothing changed", {
      formula: "ε = B / Gp − 1",
      terms: [bust, pattern],
      result: { value: room.strain, unit: "percent" },
      notes: [
        `Past 0.6 of the usable stretch (${Math.round(NEAR_LIMIT_SHARE * input.usable * 100)} %) room is needed.`,
      ],
    }),
    fullRoom(room, input, pattern),
    reckoned("least", "Least room, both sides", {
      formula: "room = max(0, B / (1 + 0.6 · s) − Gp)",
      terms: [bust, term("cloth", "ratio")("s", "usable stretch", input.usable, "swatch test"), pattern],
      result: { value: room.leastRoomMm, unit: "amount" },
      notes: ["What brings the bust down to 0.6 of the usable stretch."],
    }),
    ...(chosenMm === null
      ? []
      : [
          reckoned("perSide", "Chosen room, each side", {
            formula: "side = room / 2",
            terms: [term("result", "amount")("room", "room chosen, both sides", chosenMm, `${working.amount} room`)],
            result: { value: chosenMm / 2, unit: "amount" },
          }),
        ]),
  ];
}

function fullRoom(room: BustRoom, { plannedGarmentMm, ...input }: BustRoomInput, pattern: Term): Reckoned {
  const result = { value: room.fullRoomMm, unit: "amount" as const };
  if (plannedGarmentMm === null)
    return reckoned("full", "Full room, both sides", {
      formula: "room = max(0, D − D₀)",
      terms: [
        term("result", "amount")("D", "bust over overbust", room.differenceMm, "computed above"),
        term("setting", "amount")("D₀", "drafted difference", input.draftedDifferenceMm, "above"),
      ],
      result,
      notes: ["As worn: there is no planned girth at the bust to come to."],
    });
  return reckoned("full", "Full room, both sides", {
    formula: "room = max(0, G − Gp)",
    terms: [term("garment", "length")("G", "planned girth at the bust", plannedGarmentMm, "ease plan"), pattern],
    result,
    notes: ["What brings the pattern to the planned girth."],
  });
}
