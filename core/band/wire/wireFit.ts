/** Free length a wire wants for its movement, both ends together, mm. */
export const WIRE_MOVEMENT_MM = 10;

/** Over this free length a longer wire or a lower channel, mm. */
export const WIRE_TOO_SHORT_OVER_MM = 25;

/** A wire and the channel it lies in, mm. */
export interface WireInput {
  /** Along the seam line, bridge and cradle overlapped at their seam. */
  readonly channelMm: number;
  /** What the edge finishes take at each end. */
  readonly foldTopMm: number;
  readonly foldBridgeMm: number;
  /** Tip to tip along its curve. */
  readonly wireMm: number;
  /** Tip to tip straight across, at rest. */
  readonly tipDistanceMm: number;
  /** How far the tips move apart when worn; the length does not change. */
  readonly springMm: number;
}

/** How a wire lies in its channel, mm. */
export interface WireFit {
  /** Below 0: longer than its channel. */
  readonly freeMm: number;
  /** How much the channel, and the cup piece that meets it, are raised at the underarm. */
  readonly raiseMm: number;
  readonly tooShort: boolean;
  /** Tip distance to draft the wire line to. */
  readonly draftTipDistanceMm: number;
}

/** Fits a wire: what is free for its movement, and how much its channel is raised where that is too little. */
export function wireFit(input: WireInput): WireFit {
  const freeMm = input.channelMm - input.foldTopMm - input.foldBridgeMm - input.wireMm;
  return {
    freeMm,
    raiseMm: Math.max(0, WIRE_MOVEMENT_MM - freeMm),
    tooShort: freeMm > WIRE_TOO_SHORT_OVER_MM,
    draftTipDistanceMm: input.tipDistanceMm + input.springMm,
  };
}
