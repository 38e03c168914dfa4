import Alert from "@mui/material/Alert";
import { lengthNameOf, ZONE_NAMES } from "../../../core/ease/index.ts";
import { type Contradiction, isSpotId, spotOf } from "../../../core/fitting/index.ts";
import { percent } from "../../frame/units/percent.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Where the changes of a job pull against one another, or leave what the style allows. */
export function Contradictions({ contradictions }: { contradictions: readonly Contradiction[] }) {
  const words = useContradictionWords();
  if (contradictions.length === 0) return null;
  return (
    <Alert severity="warning" sx={{ mb: 2 }} aria-label="Contradictions">
      <strong>{headline(contradictions)}</strong>
      {contradictions.map((one) => (
        <div key={JSON.stringify(one)}>{words(one)}</div>
      ))}
    </Alert>
  );
}

const headline = (all: readonly Contradiction[]): string => {
  if (all.every(({ what }) => what === "limit" || what === "pullOn")) return "The changes leave what the style allows.";
  return all.every(({ what }) => what === "twice") ? "One thing may be cut twice." : "The changes do not agree.";
};

const placeWords = (place: string): string => (isSpotId(place) ? spotOf(place).name : (lengthNameOf(place) ?? place));

function useContradictionWords(): (contradiction: Contradiction) => string {
  const lengths = useLengths();
  return (one) => {
    switch (one.what) {
      case "opposite":
        return `${placeWords(one.place)}: changes ${one.changes[0]} and ${one.changes[1]} pull opposite ways, and nothing was judged overdone between them. Take one of them back, or judge the first.`;
      case "twice":
        return `${placeWords(one.place)}: changes ${one.changes[0]} and ${one.changes[1]} act on it in the same direction, ${lengths.difference(one.togetherMm)} together, and no prototype lies between them. If they are one thing, told twice, take one of them back before cutting.`;
      case "backAndForth":
        return `${placeWords(one.place)}: changed back and forth (changes ${one.changes.join(", ")}). Measure the body and the sewn garment there again before changing it once more; the sewing or the cloth may be what moves.`;
      case "limit":
        return one.limit === "mostShare"
          ? `${ZONE_NAMES[one.zone]}: with every change in, ${percent(one.is)} of the usable stretch is in use; the style allows ${percent(one.asked)}.`
          : `${ZONE_NAMES[one.zone]}: with every change in, it presses with ${one.is.toFixed(2)} kPa; the style allows ${one.asked.toFixed(1)} kPa.`;
      default:
        return `${ZONE_NAMES[one.zone]}: with every change in, it ${one.verdict === "hard" ? "is hard to get on" : `does not go on without a closure, by ${lengths.amount(one.shortfallMm)}`}.`;
    }
  };
}
