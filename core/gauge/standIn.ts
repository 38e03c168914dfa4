/**
 * A made-up cloth that the simulated gauge pulls. Its loading curve is `T = a (e^(b ε) − 1)`, the usual shape of knits
 * and nets: soft at first, then stiffening.
 */
export interface StandInCloth {
  readonly id: string;
  readonly name: string;
  readonly kind: "knit" | "net" | "elastic";
  /** a, N/m. */
  readonly softness: number;
  /** b, without unit. */
  readonly stiffening: number;
  /** Tension on the way back as a part of that on the way there. */
  readonly returned: number;
  /** Strain it keeps after unloading, as a part of the largest strain. */
  readonly kept: number;
  /** Further strain while a load is held 30 s, as a part of the strain. */
  readonly creep: number;
  /** Slack in the clamps before the cloth takes any load, mm. */
  readonly slackMm: number;
}

/** The cloths the stand-in can pull. */
export const STAND_IN_CLOTHS: readonly StandInCloth[] = [
  {
    id: "soft-knit",
    name: "a soft knit",
    kind: "knit",
    softness: 14,
    stiffening: 3.1,
    returned: 0.72,
    kept: 0.05,
    creep: 0.03,
    slackMm: 2.5,
  },
  {
    id: "swim-knit",
    name: "a firm swim knit",
    kind: "knit",
    softness: 28,
    stiffening: 2.4,
    returned: 0.8,
    kept: 0.025,
    creep: 0.02,
    slackMm: 1.5,
  },
  {
    id: "power-net",
    name: "a power net",
    kind: "net",
    softness: 42,
    stiffening: 4.2,
    returned: 0.78,
    kept: 0.03,
    creep: 0.025,
    slackMm: 2,
  },
  {
    id: "plush-elastic",
    name: "a plush elastic",
    kind: "elastic",
    softness: 95,
    stiffening: 1.6,
    returned: 0.82,
    kept: 0.04,
    creep: 0.02,
    slackMm: 1,
  },
];

/** True loading tension of a stand-in at a strain (0 or more), N/m. */
export const trueTension = ({ softness, stiffening }: StandInCloth, strain: number): number =>
  strain <= 0 ? 0 : softness * (Math.exp(stiffening * strain) - 1);

/** Strain of a stand-in under a loading tension (N/m, 0 or more), before creep. */
export const trueStrain = ({ softness, stiffening }: StandInCloth, tensionNPerM: number): number =>
  Math.log(1 + tensionNPerM / softness) / stiffening;

/** Strain on the way back under a tension: the same curve at a lower tension, from the strain it keeps. */
export function returnStrain(cloth: StandInCloth, tensionNPerM: number, largestStrain: number): number {
  const kept = cloth.kept * largestStrain;
  return Math.min(largestStrain, kept + trueStrain(cloth, tensionNPerM / cloth.returned) * (1 - kept / largestStrain));
}
