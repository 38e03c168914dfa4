import { sumCurves, type TensionCurve, tensionCurve } from "../../core/cloth/index.ts";
import {
  bodysuit,
  type LikedGirth,
  NOTHING_CHOSEN,
  planStyle,
  SHIPPED_EASE_SETTINGS,
  type Style,
  type StyleInput,
  ZONE_MEASURES,
  ZONES,
  type Zone,
  type ZonePlan,
} from "../../core/ease/index.ts";

/** Three layers, six points each, N/m by strain in wear. */
export const LAYERS: readonly TensionCurve[] = [
  [6, 14, 27, 48, 82, 140],
  [3, 7, 13, 24, 41, 66],
  [9, 24, 52, 101, 178, 300],
].map((tensions) => tensionCurve(tensions.map((tension, index) => [(index + 1) * 0.11, tension])));

/** The cloth of the garment that fits: one layer of six points. */
export const LIKED_CURVE = tensionCurve(
  [5, 12, 24, 42, 75, 120].map((tension, index) => [(index + 1) * 0.12, tension]),
);

export const USABLE = 0.52;
export const RECOVERY = 0.92;

/** Snug girths of twelve zones: eight of one garment and four of a second, mm. */
export const GIRTHS: readonly (readonly [Zone, number])[] = [
  ...ZONES.map((zone, index) => [zone, [865, 922, 761, 742, 905, 1008, 604, 318][index] as number] as const),
  ...(["waist", "highHip", "hip", "leg"] as const).map(
    (zone, index) => [zone, [768, 931, 1032, 618][index] as number] as const,
  ),
];

/** The garment that fits, as much smaller in every zone. */
export const likedGirthMm = (bodyMm: number): number => bodyMm * 0.86;

const garments = [GIRTHS.slice(0, ZONES.length), GIRTHS.slice(ZONES.length)];

/** Plans the twelve zones by five schools from the curves of three layers, with lengths and pull-on verdicts. */
export function planTwelveZones(scale = 1): ZonePlan[] {
  const wear = sumCurves(LAYERS);
  return garments.flatMap((girths) => planStyle(inputOf(girths, wear, scale)).zones);
}

function inputOf(girths: readonly (readonly [Zone, number])[], wear: TensionCurve, scale: number): StyleInput {
  const zones = girths.map(([zone]) => zone);
  const style: Style = { ...bodysuit, family: "swim", zones, lengths: [], pullOn: [{ ring: "waist", over: ["hip"] }] };
  const values = girths.map(([zone, mm]) => ({
    code: ZONE_MEASURES[zone],
    side: "single" as const,
    text: "",
    mm: mm * scale,
  }));
  const liked: Partial<Record<Zone, LikedGirth[]>> = {};
  for (const [zone, mm] of girths)
    liked[zone] = [{ name: "old one", bodyMm: mm, garmentMm: likedGirthMm(mm), usable: 0.6, wear: LIKED_CURVE }];
  return {
    style,
    body: { values, tape: "snug" },
    cloth: { usable: USABLE, recovery: RECOVERY, wear, contraction: 0.3, usableAlong: 0.4 },
    settings: SHIPPED_EASE_SETTINGS,
    choice: { ...NOTHING_CHOSEN, school: "share" },
    liked,
  };
}
