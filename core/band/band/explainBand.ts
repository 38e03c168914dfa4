import { type Reckoned, reckoned } from "../../calculation/index.ts";
import { tensionAt } from "../../cloth/index.ts";
import { subscript, type Term, term } from "../../explain/index.ts";
import type { BandFacts, MadeBand } from "./madeBand.ts";
import type { BandWorking } from "./working.ts";

const bodyMm = term("body", "length");
const ratio = term("result", "ratio");

/** Where the length of its rigid parts comes from. */
const rigidSource = ({ rigidMm }: BandWorking): string =>
  rigidMm === null ? "its pieces as they are drawn" : "typed here";

/** The numbers of a band: its cut, its strain, and what it pulls and presses, at rest and breathed in. */
export function explainBand(band: MadeBand, facts: BandFacts, working: BandWorking): Reckoned[] {
  const source = facts.body?.source ?? "";
  const { cut, strain } = band;
  const rigidFrom = rigidSource(working);
  return [
    reckoned("strain", "Strain of the wings", {
      formula: working.by === "pressure" ? "ε where F(ε) · 2π / (h · B) = p" : "ε = as given",
      terms:
        working.by === "pressure"
          ? [term("setting", "pressure")("p", "wanted", working.pressureKpa ?? 0, "typed here")]
          : [],
      result: { value: strain, unit: "percent" },
      notes: [
        working.by === "pressure"
          ? "Solved from the pressure by halving the interval."
          : working.strain === null
            ? "As the ease plan has it at the underbust."
            : "As typed.",
      ],
    }),
    reckoned("wing", "Wings, both together", {
      formula: "wing = (U − rigid) / (1 + ε)",
      terms: [
        bodyMm("U", "underbust, snug", band.underbustMm, source),
        bodyMm("rigid", "body the rigid parts cover", band.rigidMm, rigidFrom),
        ratio("ε", "strain of the wings", strain, "above"),
      ],
      result: { value: cut.wingMm, unit: "length" },
      notes: ["Only the wings stretch. Each wing is half of it."],
    }),
    reckoned("garment", "Band, closed and at rest", {
      formula: "G = rigid + wing",
      terms: [
        bodyMm("rigid", "rigid parts", band.rigidMm, rigidFrom),
        term("garment", "length")("wing", "wings", cut.wingMm, "computed above"),
      ],
      result: { value: cut.garmentMm, unit: "length" },
    }),
    ...band.elastics.map((elastic) =>
      reckoned(`elastic-${elastic.edge}`, `${elastic.edge === "top" ? "Top" : "Bottom"} elastic, cut`, {
        formula: "cut = ρ · wing",
        terms: [
          term("setting", "ratio")("ρ", "elastic over wing", elastic.ratio, "a habit unless typed"),
          term("garment", "length")("wing", "wings", cut.wingMm, "computed above"),
        ],
        result: { value: elastic.cutMm, unit: "length" },
        notes: [`“${elastic.name}” over the wings, without joins; rigid parts take their own length besides.`],
      }),
    ),
    ...loadNumbers(band, facts, "rest"),
    ...(cut.inhaledStrain === null
      ? []
      : [
          reckoned("inhaledStrain", "Strain, breathed in", {
            formula: "ε = (Ui − rigid) / wing − 1",
            terms: [
              bodyMm("Ui", "underbust inhaled, snug", band.inhaledMm ?? 0, source),
              bodyMm("rigid", "rigid parts", band.rigidMm, rigidFrom),
              term("garment", "length")("wing", "wings", cut.wingMm, "computed above"),
            ],
            result: { value: cut.inhaledStrain, unit: "percent" },
            notes: ["A breath is the load case: the band must bear it."],
          }),
          ...loadNumbers(band, facts, "inhaled"),
        ]),
  ];
}

function loadNumbers(band: MadeBand, { wear, body }: BandFacts, at: "rest" | "inhaled"): Reckoned[] {
  const load = band[at];
  const girthMm = at === "rest" ? band.underbustMm : band.inhaledMm;
  const strain = at === "rest" ? band.strain : band.cut.inhaledStrain;
  if (!load || !wear || band.heightMm === null || girthMm === null || strain === null) return [];
  const words = at === "rest" ? "at rest" : "breathed in";
  const heightM = band.heightMm / 1000;
  const pulling = band.elastics.filter(({ forceN }) => forceN !== null);
  const elasticTerms = pulling.map((elastic, index): Term => {
    const own = (girthMm - band.rigidMm) / elastic.cutMm - 1;
    const newtons = elastic.forceN ? tensionAt(elastic.forceN, own).tensionNPerM : 0;
    return term("cloth", "force")(
      `F${subscript(index + 1)}`,
      `${elastic.edge} elastic at ${Math.round(own * 100)} %`,
      newtons,
      elastic.name,
    );
  });
  return [
    reckoned(`force-${at}`, `Force, ${words}`, {
      formula: ["F = h · T", ...elasticTerms.map(({ symbol }) => symbol)].join(" + "),
      terms: [
        term("garment", "ratio")("h", "height of the band, m", heightM, "typed here"),
        term("cloth", "tension")(
          "T",
          `tension of the wings at ${Math.round(strain * 100)} %`,
          tensionAt(wear, strain).tensionNPerM,
          "load ladder",
        ),
        ...elasticTerms,
      ],
      result: { value: load.forceN, unit: "force" },
    }),
    reckoned(`pressure-${at}`, `Mean pressure, ${words}`, {
      formula: "p = 2 · π · F / (h · B)",
      terms: [
        term("result", "force")("F", "force", load.forceN, "computed above"),
        term("garment", "ratio")("h", "height of the band, m", heightM, "typed here"),
        bodyMm("B", `underbust ${words}`, girthMm, body?.source ?? ""),
      ],
      result: { value: load.pressureKpa, unit: "pressure" },
      notes: ["A mean round the ribs; over bone it presses more. F in N, h in m and B in mm give kPa."],
    }),
  ];
}
