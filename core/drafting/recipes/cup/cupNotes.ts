import { type CupSeams, cupPatches, type FlatCup, flatCup } from "../../surface/index.ts";
import { type CupMade, type CupOfBreast, fullnessNote } from "./cupSide.ts";

/** Seams that part a cup once more. */
const MORE: Readonly<Record<CupSeams, readonly CupSeams[]>> = {
  cross: ["crossVertical", "threePieces"],
  vertical: ["threePieces", "crossVertical"],
  crossVertical: [],
  threePieces: [],
};

/** One more seam is worth it where it takes so much of the strain away. */
const WORTH = 0.01;

/** What is said of a cup: how full it is, the strain that is left in its pieces, and what one more seam would leave where its cloth does not give it. */
export function cupNotes({ breast, parts, side }: CupOfBreast, made: CupMade, gives: number): string[] {
  const of = side === null ? "" : ` ${side}`;
  const worst = parts.reduce((most, part) => (part.strain.low < most.strain.low ? part : most));
  const left = parts.map((part) => `${part.patch.name.toLowerCase()}${of} ${strainWords(part)}`).join("; ");
  const note = fullnessNote(breast);
  const volumes = `The surface${of} holds ${Math.round(breast.volumeCm3)} cm³, half an ellipsoid over its root ${Math.round(breast.ellipsoidCm3)}. ${note}`;
  const strain = `Strain left in the flat pieces, 5 and 95 of 100 threads: ${left}.`;
  if (-worst.strain.low <= gives) return [volumes, strain];
  return [volumes, strain, moreSeams(breast, worst, made, gives)];
}

const strainWords = ({ strain }: FlatCup): string => `${percent(strain.low)} to ${percent(strain.high)}`;
const percent = (part: number): string => `${part < 0 ? "−" : "+"}${Math.abs(part * 100).toFixed(1)} %`;

/** What one more seam would leave, where the cloth does not give enough. */
function moreSeams(breast: Breast, worst: FlatCup, made: CupMade, gives: number): string {
  const asks = `The ${worst.patch.name.toLowerCase()} asks the cloth to give ${percent(-worst.strain.low).slice(1)}, and it gives ${percent(gives).slice(1)}`;
  const left = MORE[made.seams].map((seams) => ({ seams, low: lowest(breast, seams, made) }));
  const best = left.toSorted((a, b) => b.low - a.low)[0];
  return best && best.low > worst.strain.low + WORTH
    ? `${asks}. One more seam (${SEAM_WORDS[best.seams]}) would leave ${percent(best.low)}.`
    : `${asks}, and one more seam would not leave less: take a cloth that gives more, or close what is left by a dart.`;
}

const SEAM_WORDS: Readonly<Record<CupSeams, string>> = {
  cross: "across",
  crossVertical: "upright below the cross seam",
  vertical: "upright",
  threePieces: "a side piece",
};

const lowest = (breast: Breast, seams: CupSeams, made: CupMade): number =>
  Math.min(...cupPatches(breast, seams, made).map((patch) => flatCup(breast, patch).strain.low));

type Breast = CupOfBreast["breast"];
