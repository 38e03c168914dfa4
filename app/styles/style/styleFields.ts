import type { Drops, OwnStyle } from "../../../core/ease/index.ts";
import { numberText, percentText } from "../../form/numberText.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Names of the fields of an own style. */
export const zoneField = (zone: string): string => `zone.${zone}`;
export const dropField = (place: keyof Drops): string => `drop.${place}`;

export const partField = (decision: string): string => `part.${decision}`;

/** The fields an own style is edited from: stretches in per cent, drops in mm. */
export const styleFields = ({ name, zones, drops, limits, parts }: OwnStyle): Fields => ({
  name,
  ...Object.fromEntries(zones.map((zone) => [zoneField(zone), "yes"])),
  ...Object.fromEntries(Object.entries(drops).map(([place, mm]) => [dropField(place as keyof Drops), numberText(mm)])),
  ...Object.fromEntries(Object.entries(parts).map(([decision, option]) => [partField(decision), option])),
  leastStretch: percentText(limits.leastStretch),
  leastStretchAlong: percentText(limits.leastStretchAlong),
  mostStretch: percentText(limits.mostStretch),
  mostShare: percentText(limits.mostShare),
  mostPressure: numberText(limits.mostPressureKpa),
});
