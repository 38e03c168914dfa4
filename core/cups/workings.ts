import type { InchRule } from "./label/labels.ts";

/** Which room is given to a bust. */
export type RoomAmount = "full" | "least" | "own";

/** Schools of giving it. */
export type RoomSchool = "fullerLine" | "slash" | "dart";

/** How the tissue sits, as the maker sees it. */
export type Tissue = "firm" | "softLow" | "wide";

/** What the maker enters to judge bust room. mm; null where not given. */
export interface BustRoomWorking {
  readonly patternBustMm: number | null;
  /** Null: taken as the settings say. */
  readonly draftedDifferenceMm: number | null;
  readonly amount: RoomAmount;
  readonly ownRoomMm: number | null;
  readonly school: RoomSchool;
  /** What the pattern's fuller cut line gives each side; null where it has none. */
  readonly fullerLineMm: number | null;
  readonly tissue: Tissue;
  /** The neckline plunges across the breast. */
  readonly plunge: boolean;
}

/** Bust room before anything is entered. */
export const NEW_BUST_ROOM: BustRoomWorking = {
  patternBustMm: null,
  draftedDifferenceMm: null,
  amount: "full",
  ownRoomMm: null,
  school: "slash",
  fullerLineMm: null,
  tissue: "firm",
  plunge: false,
};

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

/** What is chosen for cups. */
export interface CupWorking {
  /** Strain of the cup's cloth, ratio; null: as the settings say. */
  readonly strain: number | null;
  /** What to do where the sides differ; `open` while it is not decided. */
  readonly remedy: "open" | "twoCups" | "padSmaller";
}

/** Cups before anything is chosen. */
export const NEW_CUP: CupWorking = { strain: null, remedy: "open" };

/** Which rule the inch labels follow. */
export interface LabelWorking {
  readonly inchRule: InchRule;
}

/** Labels as the trade writes them. */
export const NEW_LABEL: LabelWorking = { inchRule: "trade" };

/** What the maker enters for a band. mm, ratios, kPa; null where not given. */
export interface BandWorking {
  readonly rigidMm: number | null;
  readonly heightMm: number | null;
  /** Which of the two is given; the other follows. */
  readonly by: "strain" | "pressure";
  /** Null: as the ease plan has it. */
  readonly strain: number | null;
  readonly pressureKpa: number | null;
  readonly topElastic: number | null;
  readonly topRatio: number | null;
  readonly bottomElastic: number | null;
  readonly bottomRatio: number | null;
}

/** A band before anything is entered. */
export const NEW_BAND: BandWorking = {
  rigidMm: null,
  heightMm: null,
  by: "strain",
  strain: null,
  pressureKpa: null,
  topElastic: null,
  topRatio: null,
  bottomElastic: null,
  bottomRatio: null,
};

/** What the maker enters for straps. mm; null where not given. */
export interface StrapWorking {
  /** Rings and slider, together. */
  readonly hardwareMm: number | null;
  readonly allowanceMm: number | null;
  /** By the habit of the settings, or by the elastic's own test under the weight it carries. */
  readonly by: "habit" | "test";
  readonly elastic: number | null;
  readonly widthMm: number | null;
  readonly halter: boolean;
}

/** Straps before anything is entered. */
export const NEW_STRAP: StrapWorking = {
  hardwareMm: null,
  allowanceMm: null,
  by: "habit",
  elastic: null,
  widthMm: null,
  halter: false,
};

/** Hooks and the bridge's top. mm; null where not given. */
export interface ClosureWorking {
  readonly rows: number | null;
  /** Measured height of the tape; null: by its rows. */
  readonly tapeMm: number | null;
  /** Height there is at the back end, between the folded edges. */
  readonly availableMm: number | null;
  /** From the channel to the edge, before the dip. */
  readonly bridgeToEdgeMm: number | null;
  readonly edgeFoldMm: number | null;
  readonly dipMm: number | null;
}

/** Hooks and bridge before anything is entered. */
export const NEW_CLOSURE: ClosureWorking = {
  rows: null,
  tapeMm: null,
  availableMm: null,
  bridgeToEdgeMm: null,
  edgeFoldMm: null,
  dipMm: null,
};

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
