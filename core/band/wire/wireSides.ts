import type { CupSide } from "../../cups/index.ts";
import type { WireWorking } from "./working.ts";

/** What is entered for one wire and its channel, mm; null where not given. */
export interface WireEntries {
  readonly channelMm: number | null;
  readonly wireMm: number | null;
  readonly tipDistanceMm: number | null;
  readonly springMm: number | null;
  readonly diameterMm: number | null;
}

/** One wire: for both sides where they are alike, else for the side it is cut for. */
export interface WireSide {
  readonly side: CupSide | "both";
  readonly entries: WireEntries;
}

/** The wires of a bra, left before right. */
export function wireSides(working: WireWorking): readonly WireSide[] {
  const { channelMm, wireMm, tipDistanceMm, springMm, diameterMm } = working;
  const first: WireEntries = { channelMm, wireMm, tipDistanceMm, springMm, diameterMm };
  if (working.sides === "alike") return [{ side: "both", entries: first }];
  return [
    { side: "left", entries: first },
    {
      side: "right",
      entries: {
        channelMm: working.rightChannelMm,
        wireMm: working.rightWireMm,
        tipDistanceMm: working.rightTipDistanceMm,
        springMm: working.rightSpringMm,
        diameterMm: working.rightDiameterMm,
      },
    },
  ];
}
