import { type Edge, offLine } from "../../geometry/index.ts";
import { placesAlong } from "../../piece/index.ts";
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
export function cupNotes(cup: CupOfBreast, made: CupMade, gives: number): string[] {
  const { breast, parts, side } = cup;
  const of = side === null ? "" : ` ${side}`;
  const worst = parts.reduce((most, part) => (part.strain.low < most.strain.low ? part : most));
  const left = parts.map((part) => `${part.patch.name.toLowerCase()}${of} ${strainWords(part)}`).join("; ");
  const note = fullnessNote(breast);
  const volumes = `The surface${of} holds ${Math.round(breast.volumeCm3)} cm³, half an ellipsoid over its root ${Math.round(breast.ellipsoidCm3)}. ${note}`;
  const strain = `Strain left in the flat pieces, 5 and 95 of 100 threads: ${left}.`;
  const said = [volumes, strain, ...laceNotes(cup, made)];
  return -worst.strain.low <= gives ? said : [...said, moreSeams(breast, worst, made, gives)];
}

/** Where the upper edge lies on the low points of a lace: how far it bows off their straight line. */
function laceNotes({ pieces, side }: CupOfBreast, { top }: CupMade): string[] {
  if (top.finish !== "raw") return [];
  const bows = pieces.flatMap(({ name, edges }) =>
    edges
      .filter(({ finish }) => finish === top.finish)
      .map(({ lines }) => `${name.toLowerCase()} ${bowOf(lines).toFixed(0)} mm`),
  );
  return [
    `The upper edges${side === null ? "" : `, ${side},`} lie on the low points of the lace, both sides from the same place of its repeat, and nothing is added. Off a straight row of points they bow by: ${bows.join("; ")}. Where a lace does not follow, cut its points apart and lay them along the edge.`,
  ];
}

/** How far lines bow off the straight one between their ends, mm. */
function bowOf(lines: readonly Edge[]): number {
  const [from, to] = [lines[0]?.from, lines.at(-1)?.to];
  if (!from || !to) return 0;
  return Math.max(...lines.flatMap((line) => placesAlong(line)).map((place) => offLine(from, to, place)));
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
