import { type Style, ZONE_NAMES, ZONES, type Zone } from "../../ease/index.ts";
import { LEVEL, type Point } from "../../figure/index.ts";
import { hasBand } from "./hasBand.ts";
import type { Spot, SpotId } from "./spot.ts";

const level = (zone: Exclude<Zone, "leg" | "arm">, side: number): Spot => ({
  id: zone,
  name: ZONE_NAMES[zone],
  zone,
  at: {
    front: [
      [0, LEVEL[zone]],
      [24, LEVEL[zone]],
    ],
    back: [
      [0, LEVEL[zone]],
      [24, LEVEL[zone]],
    ],
    side: [[side, LEVEL[zone]]],
  },
  needs: [zone],
});

/** Every spot, from the top down; zones stand first of those that share a height. */
export const SPOTS: readonly Spot[] = [
  {
    id: "strap",
    name: "Strap",
    zone: "overbust",
    at: { front: [[30, 84]], back: [[28, 88]], side: [[112, 76]] },
    needs: ["overbust", "bust"],
    bras: "too",
  },
  {
    id: "neckline",
    name: "Neckline",
    zone: "overbust",
    at: {
      front: [
        [0, 98],
        [14, 94],
      ],
    },
    needs: ["overbust", "bust"],
    bras: "too",
  },
  {
    id: "armhole",
    name: "Armhole",
    zone: "overbust",
    at: { front: [[38, 100]], back: [[38, 102]], side: [[112, 104]] },
    needs: ["overbust", "bust"],
    bras: "too",
  },
  {
    id: "backEdge",
    name: "Back edge",
    zone: "overbust",
    at: {
      back: [
        [0, 100],
        [16, 100],
      ],
    },
    needs: ["overbust", "bust"],
  },
  level("overbust", 96),
  {
    id: "underarm",
    name: "Underarm",
    zone: "overbust",
    at: { front: [[36, 112]], back: [[36, 112]], side: [[108, 108]] },
    needs: ["overbust", "bust"],
    bras: "too",
  },
  {
    id: "sideOfBust",
    name: "Side of the bust",
    zone: "bust",
    at: { front: [[37, 124]], side: [[97, 122]] },
    needs: ["bust"],
    bras: "too",
  },
  {
    id: "cupTop",
    name: "Cup, top",
    zone: "bust",
    at: { front: [[18, 112]], side: [[80, 112]] },
    needs: ["bust"],
    bras: "too",
  },
  {
    id: "bustPoint",
    name: "Bust point",
    zone: "bust",
    at: { front: [[19, 126]], side: [[73, 126]] },
    needs: ["bust"],
    bras: "too",
  },
  level("bust", 104),
  {
    id: "cupSide",
    name: "Cup, side",
    zone: "bust",
    at: { front: [[33, 130]], side: [[88, 130]] },
    needs: ["bust"],
    bras: "too",
  },
  { id: "cupCentre", name: "Cup, centre", zone: "bust", at: { front: [[5, 132]] }, needs: ["bust"], bras: "too" },
  {
    id: "cupLower",
    name: "Cup, below",
    zone: "bust",
    at: { front: [[19, 136]], side: [[78, 136]] },
    needs: [],
    bras: "only",
  },
  {
    id: "gore",
    name: "Bridge (between the cups)",
    zone: "underbust",
    at: { front: [[0, 138]] },
    needs: [],
    bras: "only",
  },
  {
    id: "wing",
    name: "Wing",
    zone: "underbust",
    at: { back: [[22, 140]], side: [[116, 140]] },
    needs: [],
    bras: "only",
  },
  { id: "wire", name: "Wire", zone: "underbust", at: { front: [[20, 141]], side: [[84, 142]] }, needs: ["underbust"] },
  level("underbust", 110),
  {
    id: "underBustFront",
    name: "Under the bust",
    zone: "underbust",
    at: { front: [[0, 156]], side: [[90, 154]] },
    needs: ["underbust"],
  },
  {
    id: "closure",
    name: "Closure",
    zone: "underbust",
    at: { front: [[0, 150]], back: [[0, 148]] },
    needs: ["underbust"],
  },
  {
    id: "boneEnd",
    name: "Bone end",
    zone: "underbust",
    at: { front: [[14, 160]], back: [[14, 160]] },
    needs: ["underbust"],
  },
  { id: "lacing", name: "Lacing", zone: "waist", at: { back: [[0, 166]] }, needs: ["underbust"] },
  {
    id: "topEdge",
    name: "Upper edge",
    zone: "waist",
    at: {
      front: [
        [8, 192],
        [20, 192],
      ],
      back: [
        [13, 193],
        [22, 193],
      ],
      side: [[100, 196]],
    },
    needs: ["waist", "highHip"],
    without: ["bust", "underbust"],
  },
  level("waist", 108),
  {
    id: "smallOfBack",
    name: "Small of the back",
    zone: "waist",
    at: { back: [[0, 191]], side: [[126, 186]] },
    needs: ["waist"],
  },
  {
    id: "sideSeam",
    name: "Side seam",
    zone: "waist",
    at: { front: [[33, 188]], back: [[33, 188]], side: [[109, 192]] },
    needs: ["waist", "underbust"],
  },
  level("highHip", 112),
  level("hip", 112),
  {
    id: "frontCrotch",
    name: "Front, above the crotch",
    zone: "hip",
    at: { front: [[0, 248]], side: [[90, 246]] },
    needs: ["leg"],
  },
  { id: "seat", name: "Seat", zone: "hip", at: { back: [[20, 248]], side: [[144, 240]] }, needs: ["leg", "hip"] },
  { id: "crotch", name: "Crotch", zone: "leg", at: { front: [[0, 258]], back: [[0, 260]] }, needs: ["leg"] },
  {
    id: "leg",
    name: "Leg edge",
    zone: "leg",
    at: {
      front: legPoints(),
      back: legPoints(),
      side: [
        [98, 238],
        [128, 250],
      ],
    },
    needs: ["leg"],
  },
  {
    id: "legFront",
    name: "Leg edge, front",
    zone: "leg",
    at: {
      front: [[30, 221]],
      side: [[88, 226]],
    },
    needs: ["leg"],
  },
  {
    id: "legBack",
    name: "Leg edge, back",
    zone: "leg",
    at: {
      back: [[30, 221]],
      side: [[130, 228]],
    },
    needs: ["leg"],
  },
  {
    id: "arm",
    name: "Sleeve",
    zone: "arm",
    at: { front: [[52, 112]], back: [[52, 112]], side: [[114, 128]] },
    needs: ["arm"],
  },
];

function legPoints(): Point[] {
  return [
    [50, 212],
    [36, 230],
    [22, 248],
    [10, 256],
  ];
}

const BY_ID = new Map<string, Spot>(SPOTS.map((spot) => [spot.id, spot]));

/** Looks a spot up by its id. */
export const spotOf = (id: SpotId): Spot => BY_ID.get(id) as Spot;

/** True for a text that names a spot. */
export const isSpotId = (text: string): text is SpotId => BY_ID.has(text);

/** The spots of a garment, from the top down: those of its zones, and of a bra those of its cups and its band. */
export const spotsOf = ({ zones, family }: Pick<Style, "zones" | "family">): Spot[] =>
  SPOTS.filter((spot) => {
    if (spot.bras !== undefined && hasBand({ zones, family })) return true;
    if (spot.bras === "only") return false;
    return (
      spot.needs.some((zone) => zones.includes(zone)) && !(spot.without ?? []).some((zone) => zones.includes(zone))
    );
  }).map((spot) => (zones.includes(spot.zone) ? spot : { ...spot, zone: nearestZone(spot, zones) }));

/** The zone whose plan a spot is judged by in a garment: its own, or of those the garment has the nearest in height. */
export function nearestZone({ zone, needs }: Pick<Spot, "zone" | "needs">, zones: readonly Zone[]): Zone {
  if (zones.includes(zone)) return zone;
  const needed = needs.find((one) => zones.includes(one));
  if (needed) return needed;
  const at = ZONES.indexOf(zone);
  const [nearest] = zones.toSorted((a, b) => Math.abs(ZONES.indexOf(a) - at) - Math.abs(ZONES.indexOf(b) - at));
  if (nearest === undefined) throw new RangeError("A style without a zone has no spots.");
  return nearest;
}
