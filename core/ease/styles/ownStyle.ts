import { ZONE_MEASURES, ZONES, type Zone } from "../zones.ts";
import { styleOf } from "./index.ts";
import type { Drops, ShippedStyleId, Style, StyleLength, StyleLimits, StyleParts } from "./style.ts";

/** A workshop's own copy of a shipped style, with what it changed. */
export interface OwnStyle {
  readonly id: number;
  readonly name: string;
  readonly basedOn: ShippedStyleId;
  readonly zones: readonly Zone[];
  readonly drops: Drops;
  readonly limits: StyleLimits;
  readonly parts: StyleParts;
  readonly version: number;
}

/** Id of an own style, as a job keeps it. */
export const ownStyleId = (id: number): Style["id"] => `own-${id}`;

/** The number of an own style's id; null for a shipped one. */
export function ownStyleNumber(id: string): number | null {
  const match = /^own-([1-9]\d{0,14})$/.exec(id);
  return match ? Number(match[1]) : null;
}

/** A fresh copy of a shipped style to change. */
export const copyOf = (style: Style & { readonly id: ShippedStyleId }): Omit<OwnStyle, "id" | "version"> => ({
  name: `${style.name}, ours`,
  basedOn: style.id,
  zones: style.zones,
  drops: style.drops,
  limits: style.limits,
  parts: {},
});

/**
 * The style that an own copy makes: rings and lengths of zones that were taken out go with them, and zones that were
 * put in bring their measure.
 */
export function styleFromOwn(own: OwnStyle): Style {
  const base = styleOf(own.basedOn);
  const has = (zone: Zone) => own.zones.includes(zone);
  const dropped = ZONES.filter((zone) => base.zones.includes(zone) && !has(zone)).map((zone) => ZONE_MEASURES[zone]);
  const zones = ZONES.filter(has);
  const pullOn = base.pullOn.filter(({ ring }) => has(ring));
  const passed = pullOn.flatMap(({ over }) => over);
  return {
    ...base,
    id: ownStyleId(own.id),
    name: own.name,
    zones,
    measures: [
      ...new Set([
        ...base.measures.filter((code) => !dropped.includes(code)),
        ...zones.map((zone) => ZONE_MEASURES[zone]),
        ...passed,
      ]),
    ],
    limits: own.limits,
    ...(Object.keys(own.parts).length > 0 ? { parts: own.parts } : {}),
    drops: own.drops,
    pullOn,
    lengths: base.lengths.flatMap((length) => lengthWithin(length, has)),
  };
}

/** A length without the zones that are gone; gone itself where a part has lost all its zones. */
function lengthWithin(length: StyleLength, has: (zone: Zone) => boolean): StyleLength[] {
  const segments = length.segments.map(({ code, zones }) => ({ code, zones: zones.filter(has), had: zones.length }));
  if (segments.some(({ zones, had }) => had > 0 && zones.length === 0)) return [];
  return [{ ...length, segments: segments.map(({ code, zones }) => ({ code, zones })) }];
}
