import { calculation, choice, chosenAt, length, small } from "../../calculation/index.ts";
import { hasBust } from "../hasBust.ts";
import { reckonBustRoom } from "./reckonBustRoom.ts";
import { ROOM_SCHOOLS, TISSUES } from "./roomWays.ts";
import { NEW_BUST_ROOM } from "./working.ts";

/** Room for a bust that the pattern’s overbust size has not. */
export const bustRoomCalculation = calculation({
  step: "cups",
  fresh: NEW_BUST_ROOM,
  fields: {
    patternBustMm: length("Pattern at the bust", "All round, as it is."),
    draftedDifferenceMm: small("Drafted difference", 400, "Bust over overbust.", true),
    tissue: choice(
      "How the tissue sits",
      TISSUES.map(({ id, name }) => [id, name]),
    ),
    plunge: { as: "check", label: "The neckline plunges across the breast" },
    amount: choice("Room to give", [
      ["full", "full"],
      ["least", "least"],
      ["own", "my own"],
    ]),
    ownRoomMm: small("My own room, both sides", 400),
    school: choice(
      "By",
      ROOM_SCHOOLS.map(({ id, name }) => [id, name.toLowerCase()]),
    ),
    fullerLineMm: small("The fuller line gives, each side", 200, "Where the pattern has one."),
  },
  appears: hasBust,
  facts: ({ body, stretch, plan, settings, beside }) => ({
    body,
    chartBust: beside.chartBust,
    usable: stretch?.usable ?? null,
    plannedGarmentMm: chosenAt(plan, "bust")?.garmentMm ?? null,
    draftedDifferenceMm: settings.draftedDifferenceMm,
    settingsName: beside.settingsName,
  }),
  reckon: reckonBustRoom,
});
