import type { Zone } from "../zones.ts";
import type { Drops, PullOnRing, Style, StyleLength } from "./style.ts";

/** A garment that ends at the waist or runs past it. */
export const NO_DROPS: Drops = { front: 0, back: 0, side: 0 };

/** Two side seams take a girth change. */
export const SIDES = { count: 2, name: "side seams" } as const;

/** The one side seam of a leg or a sleeve. */
export const side = (name: string) => ({ count: 1, name }) as const;

/** Side seams for every one of the zones. */
export const sidesAt = (...zones: Zone[]): Style["seamsTakingChange"] =>
  Object.fromEntries(zones.map((zone) => [zone, SIDES]));

/** Rings of the lower body that are pulled on over the hip: the top edge with its elastic, then those below it. */
export const overTheHip = (topEdge: Zone, ...below: Zone[]): PullOnRing[] => [
  { ring: topEdge, over: ["hip"], edge: true },
  ...below.map((ring): PullOnRing => ({ ring, over: ["hip"] })),
];

/**
 * The rise of a bottom: front and back from the waist to the crotch point, and the side over the zones it passes.
 */
export const rises = (...side: Zone[]): readonly StyleLength[] => [
  {
    id: "frontRise",
    name: "Front rise",
    segments: [{ code: "crotch_front", zones: ["highHip", "hip"] }],
    drop: "front",
  },
  { id: "backRise", name: "Back rise", segments: [{ code: "crotch_back", zones: ["highHip", "hip"] }], drop: "back" },
  {
    id: "sideToHip",
    name: "Side, waist to hip",
    segments: [{ code: "waist_to_hip", zones: side }],
    drop: "side",
  },
];

/** From the shoulder to the waist, front and back, of a garment that covers the trunk. */
export const BODICE: readonly StyleLength[] = [
  { id: "frontWaist", name: "Front, shoulder to waist", segments: [{ code: "front_waist", zones: ["bust", "waist"] }] },
  { id: "backWaist", name: "Back, nape to waist", segments: [{ code: "back_waist", zones: ["bust", "waist"] }] },
];

/** A strap over the shoulder, which is not stretched round the body; what its rings and ends make of it the band step says. */
export const STRAP: StyleLength = {
  id: "strap",
  name: "Strap, before rings and ends",
  segments: [
    { code: "strap_front", zones: [] },
    { code: "strap_back", zones: [] },
  ],
  ofElastic: true,
};

/** From the waist to the hem, at three places: belly, hip and seat differ. */
export const SKIRT: readonly StyleLength[] = [
  { id: "skirtFront", name: "Waist to hem, front", segments: [{ code: "skirt_front", zones: ["waist", "hip"] }] },
  { id: "skirtSide", name: "Waist to hem, side", segments: [{ code: "skirt_side", zones: ["waist", "hip"] }] },
  { id: "skirtBack", name: "Waist to hem, back", segments: [{ code: "skirt_back", zones: ["waist", "hip"] }] },
];

/** What a cup of its own is drawn from. */
export const BREAST_MEASURES = [
  "bridge_width",
  "root_width",
  "root_height",
  "wire_line",
  "projection",
  "lower_cup",
  "upper_cup",
  "cross_cup",
] as const;

/** The trunk loop of a piece that runs from shoulder to crotch, by its four parts. */
export const TRUNK: StyleLength = {
  id: "trunk",
  name: "Trunk, shoulder to shoulder through the crotch",
  segments: [
    { code: "front_waist", zones: ["bust", "waist"] },
    { code: "crotch_front", zones: ["highHip", "hip"] },
    { code: "crotch_back", zones: ["highHip", "hip"] },
    { code: "back_waist", zones: ["bust", "waist"] },
  ],
  loop: true,
};
