import { known, type Reckoning, type ShelfElastic, type Wants, wantsOf } from "../../calculation/index.ts";
import { testedTo } from "../../cloth/index.ts";
import { NEAR_LIMIT_SHARE } from "../../ease/index.ts";
import { bandCut, bandLoad } from "./band.ts";
import { type BandMake, bandStrainFor, pullAt } from "./bandForPressure.ts";
import { explainBand } from "./explainBand.ts";
import type { BandFacts, MadeBand } from "./madeBand.ts";
import type { BandWorking } from "./working.ts";

/** Band elastic is cut to this part of the wings where nothing else is typed (a habit). */
export const BAND_ELASTIC_RATIO = 0.9;

/** Mean pressure that supports, kPa. */
export const SUPPORT_KPA = { least: 1.2, most: 1.5 } as const;

/** A band with its numbers. */
export interface BandReckoning extends Reckoning {
  readonly band: MadeBand | null;
}

/** A band at rest and breathed in: by its strain, or by the pressure wanted. */
export function reckonBand(working: BandWorking, facts: BandFacts): BandReckoning {
  const wants = wantsOf(facts.body);
  const given = known({
    underbustMm: wants.girth("underbust"),
    rigidMm: wants.entry(
      working.rigidMm ?? facts.drawn?.rigidMm ?? null,
      "what bridge, cradles and the closed hook tape cover (0 where all stretches)",
    ),
  });
  const inhaledMm = facts.isForm ? null : wants.girth("underbust_inhaled");
  const nothing = { numbers: [], notes: [], warnings: [], band: null };
  if (!given) return { ...nothing, lacks: wants.lacks };
  if (given.rigidMm >= given.underbustMm)
    return {
      ...nothing,
      lacks: wants.lacks,
      warnings: ["The rigid parts cover the whole underbust: no wing is left."],
    };
  const chosen = elasticsOf(working, facts, wants);
  const make = makeOf(given, working, facts, chosen, wants);
  const strain = strainOf(working, facts, make, wants);
  if (typeof strain !== "number") return { ...nothing, lacks: wants.lacks, warnings: strain ? [strain.problem] : [] };
  const band = madeBand({ ...given, inhaledMm, strain }, make, working.heightMm, chosen);
  return {
    numbers: explainBand(band, facts, working),
    lacks: wants.lacks,
    headline: supportOf(band),
    notes: notesOf(band, facts),
    warnings: [...warningsOf(band, facts), ...drawnOtherwise(band, facts)],
    band,
  };
}

interface Chosen {
  readonly edge: "top" | "bottom";
  readonly elastic: ShelfElastic;
  readonly ratio: number;
}

function elasticsOf(working: BandWorking, { elastics }: BandFacts, wants: Wants): Chosen[] {
  const rows = [
    { edge: "top", id: working.topElastic, ratio: working.topRatio },
    { edge: "bottom", id: working.bottomElastic, ratio: working.bottomRatio },
  ] as const;
  return rows.flatMap(({ edge, id, ratio }) => {
    const elastic = elastics.find((one) => one.id === id);
    if (id === null) return [];
    if (!elastic) {
      wants.plan("An elastic of the band is no longer on the shelf: choose it again; its pull is not counted.");
      return [];
    }
    if (!elastic.forceN) wants.plan(`“${elastic.name}” has no load ladder: its pull is not counted.`);
    return [{ edge, elastic, ratio: ratio ?? BAND_ELASTIC_RATIO }];
  });
}

function makeOf(
  given: { underbustMm: number; rigidMm: number },
  working: BandWorking,
  { wear }: BandFacts,
  chosen: readonly Chosen[],
  wants: Wants,
): BandMake | null {
  if (!wear) wants.plan("Needs a load ladder of every layer round the body: force and pressure rest on it.");
  const heightMm = wants.entry(working.heightMm, "the height of the band");
  if (!wear || heightMm === null) return null;
  const elastics = chosen.flatMap(({ elastic, ratio }) => (elastic.forceN ? [{ ratio, forceN: elastic.forceN }] : []));
  return { ...given, heightMm, wear, elastics };
}

/** The strain of the wings, or the reason why there is none; null where something is lacking. */
function strainOf(
  { by, strain, pressureKpa }: BandWorking,
  facts: BandFacts,
  make: BandMake | null,
  wants: Wants,
): number | { readonly problem: string } | null {
  if (by === "strain")
    return (
      strain ?? facts.plannedStrain ?? wants.plan("Needs a strain: type one, or choose a school in the ease plan.")
    );
  const kpa = wants.entry(pressureKpa, "the pressure wanted");
  if (kpa === null || !make) return null;
  const solved = bandStrainFor(make, kpa);
  return solved.ok ? solved.value : { problem: solved.problem.message };
}

function madeBand(
  input: { underbustMm: number; rigidMm: number; inhaledMm: number | null; strain: number },
  make: BandMake | null,
  heightMm: number | null,
  chosen: readonly Chosen[],
): MadeBand {
  const { inhaledMm, strain, ...girths } = input;
  const cut = bandCut({ ...girths, strain, underbustInhaledMm: inhaledMm ?? girths.underbustMm });
  const pull = make && pullAt(make, strain);
  return {
    ...input,
    heightMm,
    cut: inhaledMm === null ? { ...cut, inhaledStrain: null } : cut,
    elastics: chosen.map(({ edge, elastic, ratio }) => ({ ...elastic, edge, ratio, cutMm: ratio * cut.wingMm })),
    rest: pull && bandLoad(girths.underbustMm, strain, girths, pull),
    inhaled: pull && inhaledMm !== null ? bandLoad(inhaledMm, cut.inhaledStrain, girths, pull) : null,
  };
}

function supportOf({ rest }: MadeBand): string | null {
  if (!rest) return null;
  if (rest.pressureKpa < SUPPORT_KPA.least)
    return `Carries little: support is about ${SUPPORT_KPA.least} to ${SUPPORT_KPA.most} kPa.`;
  return rest.pressureKpa <= SUPPORT_KPA.most
    ? `In the range that supports, ${SUPPORT_KPA.least} to ${SUPPORT_KPA.most} kPa.`
    : `Over the ${SUPPORT_KPA.most} kPa that support needs.`;
}

const notesOf = ({ rigidMm }: MadeBand, { isForm }: BandFacts): string[] => [
  ...(rigidMm === 0 ? ["No rigid part: the whole band stretches."] : []),
  ...(isForm ? ["On a form: it does not breathe. Judge the breath on the wearer."] : []),
];

/** Rigid parts that differ from the drawn ones by more than this, mm, and strains by more than this, are told. */
const [OFF_MM, OFF_STRAIN] = [2, 0.005] as const;

const percent = (ratio: number): string => `${(ratio * 100).toFixed(1)} %`;

/** Where the pieces that are drawn are another band than this. */
function drawnOtherwise({ rigidMm, strain, cut }: MadeBand, { drawn }: BandFacts): string[] {
  if (!drawn) return [];
  return [
    ...(Math.abs(rigidMm - drawn.rigidMm) > OFF_MM
      ? [
          `The drawn pieces’ front and closed hooks cover ${drawn.rigidMm.toFixed(1)} mm, here ${rigidMm.toFixed(1)} mm are typed: leave it empty to take theirs.`,
        ]
      : []),
    ...(Math.abs(strain - drawn.strain) > OFF_STRAIN
      ? [
          `The pieces as drawn strain their wings ${percent(drawn.strain)}, this band ${percent(strain)}: take its girth of ${cut.garmentMm.toFixed(0)} mm into the ease plan, and they are drawn to it.`,
        ]
      : []),
  ];
}

function warningsOf({ strain, cut, rest, inhaled }: MadeBand, { usable, wear }: BandFacts): string[] {
  const limit = usable === null ? null : NEAR_LIMIT_SHARE * usable;
  const pressed = [rest, inhaled].map((load) => load?.pressureBand);
  return [
    ...(limit !== null && strain > limit ? ["At rest the wings use more than 0.6 of their stretch."] : []),
    ...(usable !== null && cut.inhaledStrain !== null && cut.inhaledStrain > usable
      ? ["Breathed in, the wings would have to stretch further than they do."]
      : limit !== null && cut.inhaledStrain !== null && cut.inhaledStrain > limit && strain <= limit
        ? ["Breathed in, the wings use more than 0.6 of their stretch."]
        : []),
    ...(wear && (cut.inhaledStrain ?? strain) > testedTo(wear)
      ? ["Beyond what was tested: the force goes straight on from the last reading."]
      : []),
    ...(pressed.includes("stop")
      ? [
          "Presses too hard to be proposed: make it larger. Medical compression is no work for Stenz; ask a qualified fitter.",
        ]
      : pressed.includes("firm")
        ? [
            "Firm: limit the wearing time. Not for children, in pregnancy, or with circulatory or skin trouble without the clinician.",
          ]
        : []),
  ];
}
