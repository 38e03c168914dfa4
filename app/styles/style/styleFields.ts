import type { Drops, OwnStyle } from "../../../core/ease/index.ts";
import { numberText, percentText } from "../../form/numberText.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Names of the fields of an own style. */
export const zoneField = (zone: string): string => `zone.${zone}`;
export const dropField = (place: keyof Drops): string => `drop.${place}`;

/** The fields an own style is edited from: stretches in per cent, drops in mm. */
export const styleFields = ({ name, zones, drops, limits }: OwnStyle): Fields => ({
  name,
  ...Object.fromEntries(zones.map((zone) => [zoneField(zone), "yes"])),
  ...Object.fromEntries(Object.entries(drops).map(([place, mm]) => [dropField(place as keyof Drops), numberText(mm)])),
  leastStretch: percentText(limits.leastStretch),
  leastStretchAlong: percentText(limits.leastStretchAlong),
  mostStretch: percentText(limits.mostStretch),
  mostShare: percentText(limits.mostShare),
  mostPressure: numberText(limits.mostPressureKpa),
});
