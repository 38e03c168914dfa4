import type { Drops } from "../../ease/index.ts";
import { type CutPerMm, elsewhereOf, toldAt } from "../../standing/index.ts";
import { dropsOf, type RiseWorking } from "../../torso/index.ts";
import type { CutLength } from "../cutLengths.ts";
import type { SaidOfOptions } from "./saidOfOptions.ts";

/** The top edge of a bottom: what it lies below the waist on the body, as cut; as the style says, or as Torso was told. */
export const TOP_EDGE: SaidOfOptions = {
  usual: ({ style }, cut) => loweredBy(style.drops, cut),
  elsewhere({ style, keptWorkings }, cut) {
    const per = perMmOf(cut);
    const told = elsewhereOf("briefPieces", keptWorkings, per);
    const rise = keptWorkings.rise as RiseWorking | undefined;
    if (!rise || (rise.dropFrontMm === null && rise.dropBackMm === null)) return told;
    // Of a side that was not told Torso says where it goes with front and back.
    const side = per.waist_to_hip === undefined ? null : dropsOf(rise, style.drops).side * per.waist_to_hip;
    return { ...toldAt("Torso", { waist_drop_side: side }), ...told };
  },
};

const perMmOf = (cut: readonly CutLength[]): CutPerMm =>
  Object.fromEntries(cut.map(({ code, cutPerMm }) => [code, cutPerMm]));

/** Drops of the body as they are cut, by their options; one that is none, or of which no length is cut, is left out. */
function loweredBy({ front, back, side }: Drops, cut: readonly CutLength[]): Record<string, number> {
  const per = perMmOf(cut);
  const drops = [
    ["waist_drop_front", front, per.crotch_front],
    ["waist_drop_back", back, per.crotch_back],
    ["waist_drop_side", side, per.waist_to_hip],
  ] as const;
  return Object.fromEntries(
    drops.flatMap(([id, mm, perMm]) => (mm === 0 || perMm === undefined ? [] : [[id, mm * perMm]])),
  );
}
