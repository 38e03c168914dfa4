import type { Lack, Reckoned, Reckoning, ShelfElastic } from "../calculation/index.ts";
import type { ElasticTested } from "../elastic/index.ts";
import { type ElasticEdgeKind, type ElasticRing, elasticEdgeOf, OWN_EDGE } from "../pieces/index.ts";
import { ok, type Result } from "../result.ts";
import { sameName } from "../sameName.ts";
import { chartLength } from "./chartLength.ts";
import { type RingCut, ringBySchools, USUAL_JOIN_MM } from "./cutRing.ts";
import { decidedOn, isOfOneSide } from "./decidedElastics.ts";
import type { EdgeElastic, StaleElastic } from "./edgeElastic.ts";
import type { ElasticsFacts } from "./elasticsFacts.ts";
import { explainCut } from "./explainElastic.ts";
import { type ElasticTotal, elasticTotals } from "./totals.ts";
import type { EdgeRow, ElasticsWorking } from "./working.ts";

/** The elastics of a job. */
export interface ElasticsReckoning extends Reckoning {
  readonly edges: readonly EdgeElastic[];
  /** What is bought of each. */
  readonly totals: readonly ElasticTotal[];
}

/** An edge has moved where it is longer or shorter by more than this, mm. */
export const MOVED_MM = 1;

const UNTESTED: ElasticTested = { forceN: null, recovery: null, usable: null };

/** Works out every elastic of a job by every school. */
export function reckonElastics(working: ElasticsWorking, facts: ElasticsFacts): ElasticsReckoning {
  const lacks: Lack[] = [];
  const edges = working.edges.flatMap((row, at) => {
    const rings = ringsOf(row, facts);
    if (rings.length === 0)
      lacks.push({ what: "entry", name: `how long the ${wordsOf(row)} is: no kept pieces have one` });
    return rings.map((ring) => edgeElastic(ring, { row, at, working, facts }));
  });
  if (working.edges.length === 0) lacks.push({ what: "entry", name: "the edges that have elastic" });
  return {
    edges,
    totals: elasticTotals(edges),
    numbers: edges.flatMap(({ key, ring, chosen, cut, chart, elastic }): Reckoned[] =>
      chosen
        ? [
            {
              id: key,
              name: `Elastic of the ${ring.name}, cut`,
              explanation: explainCut(ring, chosen, cut, { elasticName: elastic?.name ?? "", chart }),
            },
          ]
        : [],
    ),
    lacks,
    notes: [],
    warnings: edges.flatMap(warningsOf),
  };
}

/** What the maker reads an edge as. */
const wordsOf = ({ at, name }: EdgeRow): string => (name || elasticEdgeOf(at)?.name) ?? "edge";

/** The rings of a row: as they are drawn, or of the length that was typed; none where neither is known. */
function ringsOf(row: EdgeRow, { rings, bodyMm }: ElasticsFacts): ElasticRing[] {
  const kind = elasticEdgeOf(row.at);
  const drawn = rings.filter(({ edge, name }) => edge === row.at && (row.at !== OWN_EDGE || sameName(name, row.name)));
  const bodyOf = (ring: ElasticRing): number | null =>
    row.bodyMm ?? ring.bodyMm ?? (row.at === "underbust" ? (bodyMm.underbust ?? null) : null);
  const typed = row.edgeMm === null ? null : typedRing(row, kind, row.edgeMm);
  return (typed ? [typed] : drawn).map((ring) => {
    const parts = ring.parts.length > 0 ? ring.parts : [{ place: "cutOut" as const, edgeMm: ring.edgeMm }];
    return {
      ...ring,
      parts,
      name: row.name && row.at !== OWN_EDGE ? `${row.name}${sideOf(ring)}` : ring.name,
      bodyMm: bodyOf(ring),
    };
  });
}

const sideOf = ({ side }: ElasticRing): string => (side ? `, ${side}` : "");

/** An edge as long as it was typed; null for a leg of which the back is not said. */
function typedRing(row: EdgeRow, kind: ElasticEdgeKind | null, edgeMm: number): ElasticRing | null {
  const places = kind?.places ?? (["cutOut"] as const);
  const lengths = places.length > 1 ? [edgeMm, row.backMm] : [edgeMm];
  if (lengths.some((mm) => mm === null)) return null;
  const parts = places.map((place, at) => ({ place, edgeMm: lengths[at] as number }));
  return {
    ...{ edge: row.at, side: null, name: wordsOf(row), count: kind?.count ?? 1, parts },
    ...{ edgeMm: parts.reduce((sum, part) => sum + part.edgeMm, 0), bodyMm: null },
  };
}

interface EdgeGiven {
  readonly row: EdgeRow;
  readonly at: number;
  readonly working: ElasticsWorking;
  readonly facts: ElasticsFacts;
}

function edgeElastic(drawn: ElasticRing, { row, at, working, facts }: EdgeGiven): EdgeElastic {
  const kind = elasticEdgeOf(row.at);
  const elastic = elasticFor(row, working, facts);
  const chart = chartLength(row, kind, working, facts);
  const passes = passOf(kind, facts);
  // A pattern that says how many are cut knows its own edges.
  const own = row.school === "chart" && chart.ok ? chart.value.count : null;
  const ring = { ...drawn, count: own ?? drawn.count };
  const cut: RingCut = {
    ...{ tested: elastic?.tested ?? UNTESTED, widthMm: elastic?.widthMm ?? null },
    ...{ joinMm: working.joinMm ?? USUAL_JOIN_MM, passMm: passes.mm },
    choice: { ratio: row.ratio, pressureKpa: row.kpa, chartMm: chart.ok ? chart.value.madeMm : null },
    noChart: chart.ok ? null : chart.problem,
    decided: decidedOn(ring, facts.changes),
  };
  const schools = ringBySchools(ring, cut);
  const chosenAnswer = schools.find(({ school }) => school === row.school)?.answer;
  const chosen = chosenAnswer?.ok ? chosenAnswer.value : null;
  const key = keyOf(row, ring);
  return {
    ...{ key, row: at, ring, elastic, cut, chart: chart.ok ? chart.value : null, schools, chosen },
    stale: staleOf(ring, cut, row, working.keptMm[key]),
    notes: [...passes.notes, ...decidedNotes(ring, cut, facts)],
  };
}

/** What was decided at fittings: what is in the cut, and what will be in the next. */
const decidedNotes = (ring: ElasticRing, { decided }: RingCut, { changes, waiting }: ElasticsFacts): string[] => [
  ...decided.map(
    ({ changeId, byMm }) =>
      `Change ${changeId}, decided at a fitting, is in it: ${longer(byMm)}.${
        isOfOneSide(ring, changes, changeId) ? " It was decided of one side: cut the other as it was." : ""
      }`,
  ),
  ...decidedOn(ring, waiting).map(
    ({ changeId, byMm }) => `Change ${changeId} waits for the next prototype: ${longer(byMm)} there, not in this cut.`,
  ),
];

const longer = (mm: number): string => `${Math.abs(mm).toFixed(1)} mm ${mm < 0 ? "shorter" : "longer"}`;

/** How an edge is known again. */
const keyOf = ({ at, name }: EdgeRow, { side }: ElasticRing): string => [at, name.trim(), side ?? ""].join("/");

/** The elastic of a row: of those picked; where none was picked first, the one of the ease plan. */
function elasticFor(
  { elastic }: EdgeRow,
  working: ElasticsWorking,
  { elastics, edge }: ElasticsFacts,
): ShelfElastic | null {
  const id = working[elastic];
  if (id === null) return elastic === "first" ? edge : null;
  return elastics.find((one) => one.id === id) ?? null;
}

/** What an edge passes when it is put on, or how it opens. */
function passOf(
  kind: ElasticEdgeKind | null,
  { passMm, opens }: ElasticsFacts,
): { mm: number | null; notes: string[] } {
  for (const zone of kind?.passes ?? []) {
    const how = opens[zone];
    if (how) return { mm: null, notes: [`It opens with ${how}: nothing has to be passed.`] };
    const mm = passMm[zone];
    if (mm !== undefined) return { mm, notes: [] };
  }
  return { mm: null, notes: [] };
}

/** What of an edge has moved since it was kept, its parts alike. */
function staleOf(ring: ElasticRing, cut: RingCut, { school }: EdgeRow, wasMm: number | undefined): StaleElastic | null {
  if (wasMm === undefined || Math.abs(ring.edgeMm - wasMm) <= MOVED_MM) return null;
  const part = wasMm / ring.edgeMm;
  const before = { ...ring, edgeMm: wasMm, parts: ring.parts.map((one) => ({ ...one, edgeMm: one.edgeMm * part })) };
  const made = (one: ElasticRing): Result<number> => {
    const answer = ringBySchools(one, cut).find((each) => each.school === school)?.answer;
    return answer?.ok ? ok(answer.value.cutMm) : (answer ?? ok(0));
  };
  const [now, then] = [made(ring), made(before)];
  return { wasMm, byMm: ring.edgeMm - wasMm, cutByMm: now.ok && then.ok ? now.value - then.value : null };
}

/** The lengths of all edges as they are now, by their keys: kept with the entries, to tell what moves. */
export const edgesNow = (working: ElasticsWorking, facts: ElasticsFacts): Record<string, number> =>
  Object.fromEntries(reckonElastics(working, facts).edges.map(({ key, ring }) => [key, ring.edgeMm]));

const mm = (length: number): string => `${Math.round(Math.abs(length))} mm`;

function warningsOf({ ring, chosen, stale }: EdgeElastic): string[] {
  const words: string[] = [];
  if (stale) {
    const way = stale.byMm > 0 ? "longer" : "shorter";
    const cut =
      stale.cutByMm === null
        ? ""
        : Math.abs(stale.cutByMm) < 0.5
          ? " It is cut as before."
          : ` Its elastic is now cut ${mm(stale.cutByMm)} ${stale.cutByMm > 0 ? "longer" : "shorter"}.`;
    words.push(
      `The ${ring.name} is ${mm(stale.byMm)} ${way} than when this was kept (${Math.round(stale.wasMm)} mm).${cut}`,
    );
  }
  if (chosen && chosen.verdict !== "sits")
    words.push(
      chosen.verdict === "gathers"
        ? `The elastic of the ${ring.name} is ${Math.round(chosen.partOfEdge * 100)} % of its edge: it gathers it.`
        : `The elastic of the ${ring.name} is longer than its edge: it flutes.`,
    );
  if (chosen?.load?.band === "stop")
    words.push(
      `At the ${ring.name} it presses with ${chosen.load.pressureKpa.toFixed(1)} kPa: stop. Make it longer, or choose a softer elastic.`,
    );
  if (chosen?.putOn?.verdict === "closure")
    words.push(
      `The elastic of the ${ring.name} does not go over what it passes: it lacks ${mm(chosen.putOn.shortfallMm)}. It wants an opening, or to be longer.`,
    );
  return words;
}

/** Edges a garment starts with: those that are drawn, each once, by ratio; of what may be one of two the one its style says. */
export function startEdges({ rings, lowPart }: ElasticsFacts): EdgeRow[] {
  const low = (lowPart ?? 0) > LOW_FROM;
  const passedOver = [low ? "waist" : "lowWaist", "neckDeep"];
  const ids = [...new Set(rings.map(({ edge }) => edge))].filter(
    (edge) => edge !== OWN_EDGE && !passedOver.includes(edge),
  );
  return ids.map((at) => ({
    ...{ at, name: "", elastic: "first", school: "ratio" },
    ...{ ratio: null, kpa: null, edgeMm: null, backMm: null, bodyMm: null },
  }));
}

/** From this part of the way to the hip on a top edge is a low one. */
const LOW_FROM = 0.25;
