import {
  ELASTIC_SCHOOLS,
  type ElasticAt,
  type ElasticChoice,
  type ElasticMade,
  type ElasticSchool,
  type ElasticSchoolId,
  type ElasticTested,
  type JudgedElastic,
  judgedElastic,
} from "../elastic/index.ts";
import type { ElasticRing } from "../pieces/index.ts";
import { ok, type Problem, type Result } from "../result.ts";
import type { DecidedPart } from "./decidedElastics.ts";

/** One join a ring, lapped, where nothing else is said, mm. */
export const USUAL_JOIN_MM = 10;

/** What an edge's elastic is cut by. mm */
export interface RingCut {
  readonly tested: ElasticTested;
  readonly widthMm: number | null;
  readonly joinMm: number;
  readonly choice: ElasticChoice;
  /** Why the pattern's chart says nothing; null where it does. */
  readonly noChart: Problem | null;
  /** What it passes when it is put on; null where nothing, or that is not known. */
  readonly passMm: number | null;
  /** What was decided of it at fittings. */
  readonly decided: readonly DecidedPart[];
}

/** An edge's elastic by one school. mm */
export interface RingBySchool extends JudgedElastic {
  readonly school: ElasticSchoolId;
  /** In a sentence: `by ratio`. */
  readonly words: string;
  /** How long each part of it is made. */
  readonly partsMm: readonly number[];
  /** Along the made elastic from where it starts: where its ratio changes, and its quarters. */
  readonly changesMm: readonly number[];
  readonly quartersMm: readonly number[];
  readonly notes: readonly string[];
}

/** What a school answers for an edge. */
export interface SchoolAnswer {
  readonly school: ElasticSchoolId;
  readonly name: string;
  readonly answer: Result<RingBySchool>;
}

/** An edge's elastic by every school, side by side. */
export const ringBySchools = (ring: ElasticRing, cut: RingCut): readonly SchoolAnswer[] =>
  ELASTIC_SCHOOLS.map((school) => ({ school: school.id, name: school.name, answer: bySchool(ring, school, cut) }));

function bySchool(ring: ElasticRing, school: ElasticSchool, cut: RingCut): Result<RingBySchool> {
  if (school.id === "chart" && cut.choice.chartMm === null && cut.noChart) return { ok: false, problem: cut.noChart };
  const made = madeParts(ring, school, cut);
  if (!made.ok) return made;
  const { notes } = made.value;
  const partsMm = made.value.partsMm.map((mm, at) => mm + decidedMm(cut, at, made.value.partsMm.length));
  const madeMm = partsMm.reduce((sum, mm) => sum + mm, 0);
  const judged = judgedElastic(madeMm, { ...edgeAt(ring, cut), ...stillOf(ring, partsMm) }, cut.tested, cut.passMm);
  return ok({
    ...judged,
    ...{ school: school.id, words: school.name.toLowerCase(), partsMm, notes },
    changesMm: partsMm
      .slice(0, -1)
      .flatMap((_, at) => (goesOn(ring, at) ? [] : [partsMm.slice(0, at + 1).reduce((sum, mm) => sum + mm, 0)])),
    quartersMm: [1, 2, 3].map((quarter) => (madeMm * quarter) / 4),
  });
}

/** What was decided of a part; of an elastic that is made whole, of all its parts. */
export const decidedMm = ({ decided }: Pick<RingCut, "decided">, at: number, count: number): number =>
  decided.filter(({ part }) => count === 1 || part === at).reduce((sum, { byMm }) => sum + byMm, 0);

/** Where a ring is judged: by its first part. */
export const placeOf = ({ parts }: ElasticRing) => {
  const [first] = parts;
  if (!first) throw new RangeError("A ring has a part.");
  return first.place;
};

/** True where the ratio goes on from one part to the next. */
const goesOn = ({ parts }: ElasticRing, at: number): boolean =>
  parts[at]?.place === parts[at + 1]?.place && parts[at]?.rigid === parts[at + 1]?.rigid;

/**
 * What of a ring is not stretched further as worn: along what does not stretch, and along what is cut to the body's own size where its parts
 * are made each for itself; an elastic that is made whole runs evenly over all but what is rigid.
 */
function stillOf({ parts, openMm = 0 }: ElasticRing, partsMm: readonly number[]): Pick<ElasticAt, "still"> {
  const apart = partsMm.length === parts.length;
  let [edgeMm, bodyMm] = [0, openMm];
  for (const [at, part] of parts.entries()) {
    if (!part.rigid && !(part.still && apart)) continue;
    edgeMm += part.rigid ? part.edgeMm : (partsMm[at] as number);
    bodyMm += part.edgeMm;
  }
  return bodyMm === 0 ? {} : { still: { edgeMm, bodyMm } };
}

const edgeAt = (ring: ElasticRing, { widthMm, joinMm }: RingCut) => ({
  ...{ at: placeOf(ring), edgeMm: ring.edgeMm, bodyMm: ring.bodyMm, widthMm, joinMm },
});

/** By feel and by ratio each part is made for itself; a pressure and a chart make the whole of it. */
function madeParts(
  ring: ElasticRing,
  school: ElasticSchool,
  cut: RingCut,
): Result<{ readonly partsMm: readonly number[]; readonly notes: readonly string[] }> {
  if (school.id !== "feel" && school.id !== "ratio") {
    const made = school.makes({ ...edgeAt(ring, cut), ...stillOf(ring, []) }, cut.tested, cut.choice);
    return made.ok ? ok({ partsMm: [made.value.madeMm], notes: made.value.notes }) : made;
  }
  const made: ElasticMade[] = [];
  for (const [at, part] of ring.parts.entries()) {
    // A ratio of one's own is that of what is stretched most: of a leg its back, of a band its wings.
    const last = at === ring.parts.length - 1;
    const choice = { ...cut.choice, ratio: part.rigid ? 1 : last || part.still ? cut.choice.ratio : null };
    const one = school.makes({ ...edgeAt(ring, cut), at: part.place, edgeMm: part.edgeMm }, cut.tested, choice);
    if (!one.ok) return one;
    made.push(one.value);
  }
  return ok({ partsMm: made.map(({ madeMm }) => madeMm), notes: made[0]?.notes ?? [] });
}
