import { NO_PATTERN, type OwnEdge, type OwnPattern, takeInPieces } from "../../core/pieces/index.ts";
import { readerOf } from "../../formats/drafts/readDrawn.ts";

/** A wrap of the form from bust to hip, cut apart and traced: half of the body in four pieces, in millimetres. */
const WRAP_SVG = `<svg xmlns="http://www.w3.org/2000/svg" width="607mm" height="430mm" viewBox="0 0 607 430">
<g id="Centre front"><path d="M20 27 L138 27 C138 81.3 106 135.7 106 190 C106 256.7 136 323.3 136 390 L20 390 L20 27 Z"/></g>
<g id="Side front"><path d="M165.5 23.9 L282.5 27 C282.5 81.3 270 135.7 270 190 C270 256.8 285 323.6 285 390.4 L163 392 C163 324.7 178 257.3 178 190 C178 134.6 165.5 79.2 165.5 23.9 Z"/></g>
<g id="Side back"><path d="M318.5 26.8 L425.5 27 C425.5 81.3 415 135.7 415 190 C415 256.7 434 323.3 434 390 L310 390 C310 323.3 329 256.7 329 190 C329 135.6 318.5 81.2 318.5 26.8 Z"/></g>
<g id="Centre back"><path d="M466.5 27 L574.5 27 C574.5 81.3 563.5 135.7 563.5 190 C563.5 256.7 582 323.3 582 390 L459 390.1 C459 323.4 477.5 256.7 477.5 190 C477.5 135.7 466.5 81.3 466.5 27 Z"/></g>
</svg>`;

/** What the edges of each piece are, in order round it from the upper left. */
const NAMES: Readonly<Record<string, readonly [upper: string, right: string, lower: string, left: string]>> = {
  "Centre front": ["upper", "front seam", "lower", "centre"],
  "Side front": ["upper", "side seam", "lower", "front seam"],
  "Side back": ["upper", "back seam", "lower", "side seam"],
  "Centre back": ["upper", "centre back", "lower", "back seam"],
};

/** How wide each is across at the waist, mm. */
const AT_WAIST: Readonly<Record<string, number>> = {
  ...{ "Centre front": 86, "Side front": 92, "Side back": 86, "Centre back": 86 },
};

const LETTERS: Readonly<Record<string, string>> = { "front seam": "A", "side seam": "B", "back seam": "C" };

/** The wrap as it is read in, its edges named and paired; where it would not lie flat over the bust, its lap is a dart. */
export function formWrap(): OwnPattern {
  const read = readerOf("wrap.svg")?.(WRAP_SVG, undefined);
  const taken = read?.ok ? takeInPieces(NO_PATTERN, read.value.pieces, 0) : null;
  if (!taken?.ok) throw new Error("The demo's wrap cannot be read.");
  const named = taken.value.edges.map((edge): OwnEdge => {
    const name = NAMES[edge.piece]?.[Number(edge.line.split(".")[1])] ?? edge.edge;
    const counts = name === "upper" ? "bust" : name === "lower" ? "hip" : "none";
    return {
      ...{ ...edge, edge: name, counts, twice: true, seam: LETTERS[name] ?? "" },
      finish: name === "centre" ? "fold" : "seam",
      allowance: name === "centre" ? null : name === "lower" ? 20 : 10,
    };
  });
  const across = Object.entries(AT_WAIST).map(
    ([piece, length]): OwnEdge => ({
      ...{ piece, edge: "waist line", length, finish: "raw", counts: "waist", twice: true },
      ...{ seam: "", ease: null, allowance: null, line: "" },
    }),
  );
  return { ...taken.value, edges: [...named, ...across], steps: [LAP], topAbove: 15 };
}

/** Slit above the bust, it laps by 9 mm where it is laid flat. */
const LAP = {
  operation: "overlap",
  params: { piece: "Side front", edge: "upper", at: 58, width: 9, depth: 75, into: "upper", stop: 12 },
} as const;
