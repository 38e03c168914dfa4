import {
  type BandWorking,
  type BustRoomWorking,
  type ClosureWorking,
  type CupWorking,
  type DartWorking,
  type LabelWorking,
  NEW_BAND,
  NEW_BUST_ROOM,
  NEW_CLOSURE,
  NEW_CUP,
  NEW_DART,
  NEW_LABEL,
  NEW_STRAP,
  NEW_WIRE,
  type StrapWorking,
  type WireWorking,
} from "../cups/workings.ts";
import type { Style } from "../ease/styles/style.ts";
import { NEW_RISE, NEW_TRUNK, type RiseWorking, type TrunkWorking } from "../torso/workings.ts";

/** What the maker enters for the calculations of one job, beside its body and its cloth. */
export interface Workings {
  readonly trunk: TrunkWorking;
  readonly rise: RiseWorking;
  readonly bustRoom: BustRoomWorking;
  readonly dart: DartWorking;
  readonly cup: CupWorking;
  readonly label: LabelWorking;
  readonly band: BandWorking;
  readonly strap: StrapWorking;
  readonly closure: ClosureWorking;
  readonly wire: WireWorking;
}

/** One of the calculations. */
export type WorkingId = keyof Workings;

/** All workings of a job before anything is entered. */
export const NEW_WORKINGS: Workings = {
  trunk: NEW_TRUNK,
  rise: NEW_RISE,
  bustRoom: NEW_BUST_ROOM,
  dart: NEW_DART,
  cup: NEW_CUP,
  label: NEW_LABEL,
  band: NEW_BAND,
  strap: NEW_STRAP,
  closure: NEW_CLOSURE,
  wire: NEW_WIRE,
};

/** All calculations, in the order of the work. */
export const WORKING_IDS = Object.keys(NEW_WORKINGS) as WorkingId[];

/** True for a text that names a calculation. */
export const isWorkingId = (text: string | undefined): text is WorkingId =>
  text !== undefined && Object.hasOwn(NEW_WORKINGS, text);

/** True where a piece runs from shoulder to crotch, so that its trunk is compared. */
export const hasTrunk = ({ lengths }: Pick<Style, "lengths">): boolean => lengths.some(({ id }) => id === "trunk");

/** True where a garment has a rise of its own. */
export const hasRise = ({ lengths }: Pick<Style, "lengths">): boolean => lengths.some(({ id }) => id === "frontRise");

/** The calculations a style needs: torso for what runs down the body, cups for what covers a bust, bands for bras. */
export function workingsOf(style: Pick<Style, "lengths" | "zones" | "family">): readonly WorkingId[] {
  const bra = style.family === "softBra" || style.family === "wiredBand";
  const bust = style.zones.includes("bust") || bra;
  const strap = style.lengths.some(({ id }) => id === "strap");
  return [
    ...(hasTrunk(style) ? (["trunk"] as const) : []),
    ...(hasRise(style) || hasTrunk(style) ? (["rise"] as const) : []),
    ...(bust ? (["bustRoom", "dart", "cup", "label"] as const) : []),
    ...(bra ? (["band"] as const) : []),
    ...(bra || strap ? (["strap"] as const) : []),
    ...(bra ? (["closure"] as const) : []),
    ...(style.family === "wiredBand" ? (["wire"] as const) : []),
  ];
}
