import { type Drops, type OwnStyle, ZONES } from "../../../core/ease/index.ts";
import { DECISION_IDS, DECISIONS, OPEN } from "../../../core/parts/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  choice,
  each,
  type FormRead,
  type FormSchema,
  group,
  line,
  number,
  orElse,
  orNull,
  percent,
  swatchLength,
  tick,
  unless,
} from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Deepest an edge may lie below the waist, mm. */
const DEEPEST_MM = 300;

const stretch = () => percent({ what: "a stretch in per cent", least: 0, most: 300 });

/** How far an edge lies below the waist; a bare number is in mm, an empty field is none. */
const drop = (): FormSchema<number> => orElse(swatchLength({ mostMm: DEEPEST_MM, what: "a drop", zero: true }), 0);

const readTyped = formReader(
  group({
    name: line("a name"),
    zone: each(ZONES, tick),
    drop: group({ front: drop(), back: drop(), side: drop() } satisfies Record<keyof Drops, FormSchema<number>>),
    part: each(DECISION_IDS, (id) =>
      choice("a choice for this part", [OPEN, ...DECISIONS[id].options.map((option) => option.id)]),
    ),
    leastStretch: stretch(),
    leastStretchAlong: orNull(stretch()),
    mostStretch: orNull(stretch()),
    mostShare: percent({ what: "a share in per cent", least: 1, most: 100 }),
    mostPressure: number({ what: "a pressure in kPa", least: 0.1, most: 4 }),
  }),
);

/** Reads the form of an own style. */
export function readStyle(fields: Fields): FormRead<Pick<OwnStyle, "name" | "zones" | "drops" | "limits" | "parts">> {
  const read = readTyped(fields);
  if (!read.ok) return read;
  const { name, zone, drop: drops, part, mostPressure: mostPressureKpa, ...limits } = read.value;
  const zones = ZONES.filter((one) => zone[one]);
  const none = zones.length === 0 ? { form: "Expected at least one zone, but none is ticked." } : {};
  return unless<Pick<OwnStyle, "name" | "zones" | "drops" | "limits" | "parts">>(none, () => ({
    name,
    zones,
    drops,
    limits: { ...limits, mostPressureKpa },
    parts: Object.fromEntries(Object.entries(part).filter(([, option]) => option !== OPEN)),
  }));
}
