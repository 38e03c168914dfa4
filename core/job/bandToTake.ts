import { type BandFacts, type BandWorking, reckonBand } from "../band/index.ts";
import { roundGirth } from "../ease/index.ts";

/** The girth of a band, rigid parts and wings, as a plan takes it: rounded to 1 mm; null while something is lacking. */
export function bandToTake(working: BandWorking, facts: BandFacts): number | null {
  const { band } = reckonBand(working, facts);
  return band && roundGirth(band.cut.garmentMm);
}
