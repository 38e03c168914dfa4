import type { Draft, EdgeRole } from "../drafting/index.ts";
import type { Zone } from "../ease/index.ts";

/** A kind of seam of a garment, with the zones whose stretch it has to follow. */
interface SeamKind {
  readonly id: string;
  readonly name: string;
  /** Edges of drawn pieces that are sewn so. */
  readonly roles: readonly EdgeRole[];
  readonly zones: readonly Zone[];
  /** Where nothing is drawn: the zone whose garments have it. */
  readonly usualAt: Zone | null;
}

/** Every kind of seam; adding one is adding a line. */
const SEAM_KINDS: readonly SeamKind[] = [
  {
    ...{ id: "side", name: "side seam", roles: ["side"], usualAt: "hip" },
    zones: ["overbust", "bust", "underbust", "waist", "highHip", "hip"],
  },
  {
    ...{ id: "centre", name: "centre seam", roles: ["centreFront", "centreBack", "centre"], usualAt: null },
    zones: ["overbust", "bust", "underbust", "waist", "highHip", "hip"],
  },
  { id: "crotch", name: "crotch and gusset", roles: ["gusset"], zones: ["hip", "leg"], usualAt: "leg" },
  { id: "leg", name: "leg edge", roles: ["leg"], zones: ["leg"], usualAt: "leg" },
  { id: "waist", name: "waist edge", roles: ["waist"], zones: ["waist", "highHip"], usualAt: null },
  { id: "neckline", name: "neckline", roles: ["neckline"], zones: ["overbust", "bust"], usualAt: null },
  { id: "armhole", name: "armhole", roles: ["armhole"], zones: ["overbust", "bust"], usualAt: null },
  { id: "cup", name: "cup seams", roles: ["cup", "top"], zones: ["bust"], usualAt: null },
  { id: "band", name: "band", roles: ["long", "wire", "bridge"], zones: ["underbust"], usualAt: "underbust" },
  { id: "hem", name: "hem", roles: ["hem"], zones: ["hip"], usualAt: null },
];

/** A seam of a job, with what it stretches by. Ratios. */
export interface JobSeam {
  readonly id: string;
  readonly name: string;
  /** The zone worn furthest of those it crosses; null where none is planned. */
  readonly worn: { readonly zone: Zone; readonly strain: number } | null;
  /** The ring pulled on furthest of those; null where none has to pass anything. */
  readonly pulled: { readonly zone: Zone; readonly strain: number } | null;
}

/** How far zones are stretched: in wear, and when put on. */
export interface ZoneStrains {
  readonly worn: Readonly<Partial<Record<Zone, number>>>;
  readonly pulled: Readonly<Partial<Record<Zone, number>>>;
}

/** The seams of a garment: those of its drawn pieces, or while none is drawn those its zones have as a rule. */
export function jobSeams(drafts: readonly Pick<Draft, "pieces">[], strains: ZoneStrains): JobSeam[] {
  const roles = new Set(
    drafts.flatMap(({ pieces }) =>
      pieces.flatMap(({ edges }) =>
        edges.filter(({ finish }) => finish !== "fold" && finish !== "raw").map(({ role }) => role),
      ),
    ),
  );
  const planned = new Set(Object.keys(strains.worn));
  return SEAM_KINDS.filter(({ roles: own, usualAt, zones }) =>
    roles.size > 0
      ? own.some((role) => roles.has(role)) && zones.some((zone) => planned.has(zone))
      : usualAt !== null && planned.has(usualAt),
  ).map(({ id, name, zones }) => ({
    ...{ id, name },
    worn: furthest(zones, strains.worn),
    pulled: furthest(zones, strains.pulled),
  }));
}

function furthest(zones: readonly Zone[], strains: Readonly<Partial<Record<Zone, number>>>): JobSeam["worn"] {
  const known = zones.flatMap((zone) => {
    const strain = strains[zone];
    return strain === undefined ? [] : [{ zone, strain }];
  });
  return known.length === 0 ? null : known.reduce((most, one) => (one.strain > most.strain ? one : most));
}
