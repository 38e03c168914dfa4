import { edgePlaceOf, FLUTES_OVER, GATHERS_UNDER, GRIPS_FROM } from "../elastic/index.ts";
import { type Explanation, subscript, type Term, term } from "../explain/index.ts";
import type { ElasticRing } from "../pieces/index.ts";
import type { ChartLength } from "./chartLength.ts";
import { decidedMm, type RingBySchool, type RingCut } from "./cutRing.ts";

const edge = term("garment", "length");
const ratioTerm = term("setting", "ratio");
const SHEET = "sheet of the body and ease plan";
const PIECES = "its pieces as they are drawn";

/** What explanations name. */
export interface ElasticSources {
  readonly elasticName: string;
  readonly chart: ChartLength | null;
}

/** Whatever of an edge's elastic is told, opened. */
export interface ElasticNumber {
  readonly id: "cut" | "part" | "worn" | "force" | "press" | "grown" | "pass";
  readonly name: string;
  readonly explain: (ring: ElasticRing, by: RingBySchool, cut: RingCut, sources: ElasticSources) => Explanation | null;
}

const explained = (
  title: string,
  formula: string,
  terms: readonly Term[],
  result: Explanation["result"],
  notes: readonly string[] = [],
): Explanation => ({ title, formula, terms, result, notes, others: [] });

const titled = (what: string, { name }: ElasticRing, { words }: RingBySchool) => `${what} of the ${name}, ${words}`;

const body = (ring: ElasticRing, mm: number) => term("body", "length")("B", `${ring.name} on the body`, mm, SHEET);

/** What of an elastic, and of what it lies on, is not stretched as worn; nothing where all of it is. */
function beside({ still }: RingBySchool): { readonly of: (symbol: "B" | "M" | "P") => string; readonly terms: Term[] } {
  if (!still) return { of: (symbol) => symbol, terms: [] };
  return {
    of: (symbol) => `(${symbol} − ${symbol === "M" ? "m" : "b"})`,
    terms: [
      term("body", "length")("b", "what of it lies where nothing stretches, hook tape and all", still.bodyMm, PIECES),
      edge("m", "elastic along what does not stretch", still.edgeMm, PIECES),
    ],
  };
}

const made = ({ madeMm }: RingBySchool) => edge("M", "made up, without its join", madeMm, "this school");

/** How long it is cut. */
export function explainCut(ring: ElasticRing, by: RingBySchool, cut: RingCut, sources: ElasticSources): Explanation {
  const join = ratioJoin(cut);
  const decided = cut.decided.map(({ changeId, byMm }, at) =>
    term("finding", "difference")(`c${subscript(at + 1)}`, "decided at a fitting", byMm, `change ${changeId}`),
  );
  const changed = decided.map(({ symbol }) => ` + ${symbol}`).join("");
  const title = titled("Elastic", ring, by);
  const result = { value: by.cutMm, unit: "length" } as const;
  const notes = [
    `Made up it is ${(by.partOfEdge * 100).toFixed(0)} % of its edge. Under ${GATHERS_UNDER * 100} % it gathers, over ${FLUTES_OVER * 100} % it flutes.`,
    ...by.notes,
  ];
  if (by.school === "tension" && ring.bodyMm !== null && by.load && cut.widthMm !== null) {
    // Of the elastic as the pressure makes it, before what was decided.
    const { of, terms } = beside(by);
    const { edgeMm, bodyMm } = by.still ?? { edgeMm: 0, bodyMm: 0 };
    const strain = (ring.bodyMm - bodyMm) / (by.madeMm - decidedMm(cut, 0, 1) - edgeMm) - 1;
    return explained(
      title,
      `C = ${by.still ? "m + " : ""}${of("B")} / (1 + ε) + j${changed}`,
      [
        body(ring, ring.bodyMm),
        ...terms,
        term("cloth", "ratio")(
          "ε",
          "where its own curve reaches F = p · w · B / (2π)",
          strain,
          `“${sources.elasticName}”`,
        ),
        join,
        ...decided,
      ],
      result,
      notes,
    );
  }
  if (by.school === "chart" && sources.chart) {
    const rows = sources.chart.between.map(({ size, mm, part }, at) => ({
      part: sources.chart && sources.chart.between.length > 1 ? `k${subscript(at + 1)} · T${subscript(at + 1)}` : "T",
      terms:
        sources.chart && sources.chart.between.length > 1
          ? [
              ratioTerm(`k${subscript(at + 1)}`, `part of size ${size}`, part, "how low the edge lies"),
              edge(`T${subscript(at + 1)}`, `size ${size}`, mm, "the pattern's chart"),
            ]
          : [edge("T", `size ${size}`, mm, "the pattern's chart")],
    }));
    return explained(
      title,
      `C = ${rows.map(({ part }) => part).join(" + ")} + j${changed}`,
      [...rows.flatMap(({ terms }) => terms), join, ...decided],
      result,
      notes,
    );
  }
  const parts = ring.parts.map(({ place, edgeMm, rigid, still }, at) => {
    const [nth, where] = [
      subscript(at + 1),
      rigid ? "what does not stretch" : still ? "below the cups" : edgePlaceOf(place).name,
    ];
    const own = edge(`E${nth}`, `edge, ${where}`, edgeMm, "along the seam lines of these pieces, or as typed");
    if (by.school === "feel") return { part: own.symbol, terms: [own] };
    const share = ratioTerm(
      `ρ${nth}`,
      `ratio, ${where}`,
      ((by.partsMm[at] ?? 0) - decidedMm(cut, at, ring.parts.length)) / edgeMm,
      "usual for the place, or typed",
    );
    return { part: `${own.symbol} · ${share.symbol}`, terms: [own, share] };
  });
  return explained(
    title,
    `C = ${parts.map(({ part }) => part).join(" + ")} + j${changed}`,
    [...parts.flatMap(({ terms }) => terms), join, ...decided],
    result,
    notes,
  );
}

const ratioJoin = ({ joinMm }: RingCut) => edge("j", "one join, lapped", joinMm, "usual, or typed");

/** Everything else that is told of an elastic at its edge, in the order it is read. */
export const ELASTIC_NUMBERS: readonly ElasticNumber[] = [
  { id: "cut", name: "Cut", explain: explainCut },
  {
    id: "part",
    name: "Of the edge",
    explain: (ring, by) =>
      explained(
        titled("Part of the edge", ring, by),
        "k = M / E",
        [made(by), edge("E", "the edge at rest", ring.edgeMm, "along the seam lines, or as typed")],
        { value: by.partOfEdge, unit: "percent" },
        [`Under ${GATHERS_UNDER * 100} % it gathers, over ${FLUTES_OVER * 100} % it flutes.`],
      ),
  },
  {
    id: "worn",
    name: "Worn, stretched",
    explain: (ring, by) =>
      ring.bodyMm === null || by.wornStrain === null
        ? null
        : explained(
            titled("Elastic as worn", ring, by),
            `ε = ${beside(by).of("B")} / ${beside(by).of("M")} − 1`,
            [body(ring, ring.bodyMm), made(by), ...beside(by).terms],
            { value: by.wornStrain, unit: "percent" },
            [`From ${GRIPS_FROM * 100} % on it grips.`],
          ),
  },
  {
    id: "force",
    name: "Pulls with",
    explain: (ring, by, _, { elasticName }) =>
      by.load && by.wornStrain !== null
        ? explained(
            titled("Force in the elastic", ring, by),
            "F where its own curve is at ε",
            [term("result", "percent")("ε", "as worn", by.wornStrain, "this school")],
            { value: by.load.forceN, unit: "force" },
            [
              `As “${elasticName}” was loaded on its way up.`,
              ...(by.load.beyondTest
                ? ["It is worn further than it was tested: the curve is carried on straight."]
                : []),
            ],
          )
        : null,
  },
  {
    id: "press",
    name: "Presses",
    explain: (ring, by, { widthMm }, { elasticName }) =>
      by.load && ring.bodyMm !== null && widthMm !== null
        ? explained(
            titled("Pressure under the elastic", ring, by),
            "p = 2 · π · F / (w · B) · 1000",
            [
              term("cloth", "force")(
                "F",
                "its force as worn, on its own way up",
                by.load.forceN,
                `load ladder of “${elasticName}”`,
              ),
              term("cloth", "length")("w", "its width", widthMm, `“${elasticName}”`),
              body(ring, ring.bodyMm),
            ],
            { value: by.load.pressureKpa, unit: "pressure" },
            [
              "A mean round the edge: over bone it presses more. F in N, w and B in mm.",
              "At waist and underbust by the bands of the ease plan; at every other edge it stops from 2.7 kPa. Cautions, not medicine.",
            ],
          )
        : null,
  },
  {
    id: "grown",
    name: "After its growth",
    explain: (ring, by, { tested }, { elasticName }) =>
      by.grown && ring.bodyMm !== null && tested.recovery !== null
        ? explained(
            titled("Elastic grown", ring, by),
            `G = ${by.still ? "m + " : ""}${beside(by).of("M")} · (1 + (1 − R) · max(0, ${beside(by).of("B")} / ${beside(by).of("M")} − 1))`,
            [
              made(by),
              ...beside(by).terms,
              term("cloth", "ratio")("R", "what it recovers of a stretch", tested.recovery, `“${elasticName}”`),
              body(ring, ring.bodyMm),
            ],
            { value: by.grown.lengthMm, unit: "length" },
          )
        : null,
  },
  {
    id: "pass",
    name: "Put on, stretched",
    explain: (ring, by, { passMm, tested }, { elasticName }) =>
      by.putOn && passMm !== null && tested.usable !== null
        ? explained(
            titled("Elastic put on", ring, by),
            `q = ${beside(by).of("P")} / ${beside(by).of("M")} − 1`,
            [term("body", "length")("P", "what it passes", passMm, SHEET), made(by), ...beside(by).terms],
            { value: by.putOn.needed, unit: "percent" },
            [
              `“${elasticName}” stretches ${(tested.usable * 100).toFixed(0)} % in use. Up to that it goes on, up to 1.15 of it hardly, beyond it wants an opening.`,
            ],
          )
        : null,
  },
];
