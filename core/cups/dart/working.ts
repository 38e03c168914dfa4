/** A gape to be turned into a dart. mm; null where not given. */
export interface DartWorking {
  /** Where the gape was pinched and where the dart goes, in words. */
  readonly from: string;
  readonly into: string;
  readonly widthMm: number | null;
  readonly toApexMm: number | null;
  readonly newToApexMm: number | null;
  /** Stop before the apex. */
  readonly stopMm: number | null;
  /** Edge that takes the dart, and the neighbour it is sewn to. */
  readonly ownEdgeMm: number | null;
  readonly neighbourMm: number | null;
  /** The apex moved: away from the centre front, and down. */
  readonly movedOutMm: number | null;
  readonly movedDownMm: number | null;
}

/** A dart before anything is entered. */
export const NEW_DART: DartWorking = {
  from: "",
  into: "",
  widthMm: null,
  toApexMm: null,
  newToApexMm: null,
  stopMm: null,
  ownEdgeMm: null,
  neighbourMm: null,
  movedOutMm: null,
  movedDownMm: null,
};
