import { type Prototype, ringKey, ringName } from "../../../core/fitting/index.ts";
import { type ConflictRow, conflictRow, type Fields } from "../../form/unsaved.ts";
import { ringField, sewnLengthField } from "./sewnFields.ts";

/** Every girth and length as it was newly sewn, beside what was typed. */
export function sewnRows(fields: Fields, { frozen, sewn, sewnLengths }: Prototype): ConflictRow[] {
  const rings = frozen.rings.map((ring) => {
    const there = sewn.find((one) => ringKey(one) === ringKey(ring));
    return conflictRow(fields, ringField(ring), ringName(ring), there?.text ?? "");
  });
  const lengths = frozen.lengths.map(({ id, name }) =>
    conflictRow(fields, sewnLengthField(id), name, sewnLengths.find((one) => one.id === id)?.text ?? ""),
  );
  return [...rings, ...lengths];
}
