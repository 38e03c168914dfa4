import {
  ELASTIC_SCHOOLS,
  type ElasticSchool,
  edgePlaceOf,
  FLUTES_OVER,
  GATHERS_UNDER,
  GRIPS_FROM,
  type JudgedElastic,
  judgedElastic,
  type NamedElastic,
} from "../../elastic/index.ts";
import { type Explanation, subscript, term } from "../../explain/index.ts";
import type { ElasticRing } from "./rings.ts";

/** One join a ring, lapped, mm. */
export const JOIN_MM = 10;

/** The schools that need no test of the elastic, and nothing of the maker. */
const SCHOOLS = ELASTIC_SCHOOLS.filter(({ id }) => id === "feel" || id === "ratio");

/** A ring's elastic by one school. */
export interface RingBySchool {
  readonly school: ElasticSchool["id"];
  /** In a sentence: `by ratio`. */
  readonly words: string;
  /** How long each part of it is made, mm. */
  readonly partsMm: readonly number[];
  readonly madeMm: number;
  readonly cutMm: number;
  readonly partOfEdge: number;
  readonly verdict: JudgedElastic["verdict"];
  /** Null where what it lies on is not known. */
  readonly wornStrain: number | null;
  readonly grips: boolean | null;
  /** What it pulls with as worn; null where no elastic was tested, or what it lies on is not known. */
  readonly load: JudgedElastic["load"];
  /** Along the made elastic from where it starts, mm: where its ratio changes, and its quarters. */
  readonly changesMm: readonly number[];
  readonly quartersMm: readonly number[];
}

/** The elastic of a ring by the schools that need no test of it, by feel and by ratio; what was tested of it says what it does there. */
export const ringBySchools = (ring: ElasticRing, elastic: NamedElastic | null = null): readonly RingBySchool[] =>
  SCHOOLS.map((school) => bySchool(ring, school, elastic));

const UNTESTED = { forceN: null, recovery: null, usable: null };

const NOTHING_CHOSEN = { ratio: null, pressureKpa: null, chartMm: null };

function bySchool(ring: ElasticRing, school: ElasticSchool, elastic: NamedElastic | null): RingBySchool {
  const tested = elastic?.tested ?? UNTESTED;
  // Without a curve its width says nothing yet, and without a body neither does its strain.
  const { edgeMm } = ring;
  const on = { edgeMm, bodyMm: ring.bodyMm ?? edgeMm, widthMm: elastic?.widthMm ?? 1, joinMm: JOIN_MM };
  const partsMm = ring.parts.map(({ place, edgeMm: partMm }) => {
    const made = school.makes({ ...on, at: place, edgeMm: partMm }, tested, NOTHING_CHOSEN);
    if (!made.ok) throw new RangeError(`${school.name} wants nothing: ${made.problem.message}`);
    return made.value.madeMm;
  });
  const madeMm = partsMm.reduce((sum, mm) => sum + mm, 0);
  const [first] = ring.parts;
  if (!first) throw new RangeError("A ring has a part.");
  const judged = judgedElastic(madeMm, { ...on, at: first.place }, tested, null);
  const known = ring.bodyMm !== null;
  return {
    ...{ school: school.id, words: school.name.toLowerCase(), partsMm, madeMm, cutMm: judged.cutMm },
    ...{ partOfEdge: judged.partOfEdge, verdict: judged.verdict },
    ...{ wornStrain: known ? judged.wornStrain : null, grips: known ? judged.grips : null },
    load: known ? judged.load : null,
    changesMm: partsMm.slice(0, -1).map((_, at) => partsMm.slice(0, at + 1).reduce((sum, mm) => sum + mm, 0)),
    quartersMm: [1, 2, 3].map((quarter) => (madeMm * quarter) / 4),
  };
}

const edge = term("garment", "length");
const setting = term("setting", "ratio");

/** How the elastic of a ring is cut by a school. */
export function explainCut({ name, parts }: ElasticRing, by: RingBySchool): Explanation {
  const { school, words, partsMm, cutMm, partOfEdge } = by;
  const told = parts.map(({ place, edgeMm }, at) => {
    const [nth, where] = [subscript(at + 1), edgePlaceOf(place).name];
    const own = edge(`E${nth}`, `edge, ${where}`, edgeMm, "along the seam lines of these pieces");
    if (school === "feel") return { part: own.symbol, terms: [own] };
    const part = setting(`ρ${nth}`, `ratio, ${where}`, (partsMm[at] ?? 0) / edgeMm, "usual for the place");
    return { part: `${own.symbol} · ${part.symbol}`, terms: [own, part] };
  });
  return {
    title: `Elastic of the ${name}, ${words}`,
    formula: `C = ${told.map(({ part }) => part).join(" + ")} + j`,
    terms: [...told.flatMap(({ terms }) => terms), edge("j", "one join, lapped", JOIN_MM, "usual")],
    result: { value: cutMm, unit: "length" },
    notes: [
      `Made up it is ${(partOfEdge * 100).toFixed(0)} % of its edge. Under ${GATHERS_UNDER * 100} % it gathers, over ${FLUTES_OVER * 100} % it flutes.`,
      ...(school === "feel" ? ["By feel says nothing of grip or pressure: only where the edge needs none."] : []),
    ],
    others: [],
  };
}

/** How far the elastic of a ring is stretched as worn. @throws RangeError where what it lies on is not known. */
export function explainWorn({ name, bodyMm }: ElasticRing, { words, madeMm, wornStrain }: RingBySchool): Explanation {
  if (bodyMm === null || wornStrain === null) throw new RangeError(`What the ${name} lies on is not known.`);
  return {
    title: `Elastic of the ${name} as worn, ${words}`,
    formula: "ε = B / M − 1",
    terms: [
      term("body", "length")("B", `${name} on the body`, bodyMm, "sheet of the body and ease plan"),
      edge("M", "made up, without its join", madeMm, "this school"),
    ],
    result: { value: wornStrain, unit: "percent" },
    notes: [`From ${GRIPS_FROM * 100} % on it grips.`],
    others: [],
  };
}

/** How hard a ring presses under its elastic. @throws RangeError where that is not known. */
export function explainPress(
  { name, bodyMm }: ElasticRing,
  { words, load }: RingBySchool,
  elastic: NamedElastic,
): Explanation {
  const { widthMm } = elastic;
  if (bodyMm === null || !load || widthMm === null) throw new RangeError(`What the ${name} presses with is not known.`);
  return {
    title: `Pressure under the elastic of the ${name}, ${words}`,
    formula: "p = 2 · π · F / (w · B) · 1000",
    terms: [
      term("cloth", "force")(
        "F",
        "its force as worn, on its own way up",
        load.forceN,
        `load ladder of “${elastic.name}”`,
      ),
      term("cloth", "length")("w", "its width", widthMm, `“${elastic.name}”`),
      term("body", "length")("B", `${name} on the body`, bodyMm, "sheet of the body and ease plan"),
    ],
    result: { value: load.pressureKpa, unit: "pressure" },
    notes: [
      "A mean round the edge: over bone it presses more. F in N, w and B in mm.",
      "At waist and underbust by the bands of the ease plan; at every other edge it stops from 2.7 kPa. Cautions, not medicine.",
      ...(load.beyondTest ? ["It is worn further than it was tested: the curve is carried on straight."] : []),
    ],
    others: [],
  };
}
