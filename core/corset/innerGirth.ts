/** What lies between the pattern girth and the skin, mm. The pattern girth lives at the middle of the strength layer. */
export interface Layers {
  /** All layers together. */
  readonly thicknessMm: number;
  /** Seams whose allowances lie on the skin side of the strength layer. */
  readonly bulkySeams?: number;
  readonly channels?: number;
  /** One bone channel with its bone; needed where there are channels. */
  readonly channelThicknessMm?: number;
}

/** What layers take from a girth, mm: `π t`, as the skin lies half their thickness inside the middle. */
export const eatenByLayers = ({ thicknessMm }: Pick<Layers, "thicknessMm">): number => Math.PI * thicknessMm;

/** What bulky seams and channels take, mm: each about its own thickness. */
export const eatenBySeams = ({ thicknessMm, bulkySeams = 0, channels = 0, channelThicknessMm = 0 }: Layers): number =>
  bulkySeams * thicknessMm + channels * channelThicknessMm;

/** The girth the skin meets, mm. */
export const innerGirth = (patternMm: number, layers: Layers): number =>
  patternMm - eatenByLayers(layers) - eatenBySeams(layers);
