/** Wires and their channels. mm; null where not given. */
export interface WireWorking {
  /** Alike: one wire and one channel for both sides. Apart: the plain values are the left's, the `right` ones the right's. */
  readonly sides: "alike" | "apart";
  readonly channelMm: number | null;
  readonly foldTopMm: number | null;
  readonly foldBridgeMm: number | null;
  readonly wireMm: number | null;
  readonly tipDistanceMm: number | null;
  readonly springMm: number | null;
  readonly diameterMm: number | null;
  readonly rightChannelMm: number | null;
  readonly rightWireMm: number | null;
  readonly rightTipDistanceMm: number | null;
  readonly rightSpringMm: number | null;
  readonly rightDiameterMm: number | null;
  /** Where a raise goes: all at the underarm, or half of it at the bridge. */
  readonly raiseAt: "underarm" | "both";
}

/** A wire before anything is entered. */
export const NEW_WIRE: WireWorking = {
  sides: "alike",
  channelMm: null,
  foldTopMm: null,
  foldBridgeMm: null,
  wireMm: null,
  tipDistanceMm: null,
  springMm: null,
  diameterMm: null,
  rightChannelMm: null,
  rightWireMm: null,
  rightTipDistanceMm: null,
  rightSpringMm: null,
  rightDiameterMm: null,
  raiseAt: "underarm",
};
