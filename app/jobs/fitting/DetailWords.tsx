import { type Finding, findingKindOf, isSpotId, spotOf } from "../../../core/fitting/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** What a finding's kind asked for beside its amount, in words: `it sits too high, off at the back 8 mm`. */
export function DetailWords({ finding: { kind, detail, amountMm } }: { finding: Finding }) {
  const lengths = useLengths();
  const told = findingKindOf(kind).fields.flatMap((field) => {
    const value = detail[field.id];
    if (value === undefined) return [];
    if (field.type === "tick") return [field.label];
    if (field.type === "amount") return [`${field.label.toLowerCase()} ${lengths.amount(Number(value))}`];
    if (field.type === "spot")
      return isSpotId(String(value))
        ? [`${field.label.toLowerCase()} ${spotOf(value as never).name.toLowerCase()}`]
        : [];
    const choice = field.choices.find((one) => one.value === value);
    return choice ? [`${field.label.toLowerCase()} ${choice.label}`] : [];
  });
  return told.length === 0 ? null : `${amountMm === null ? "" : "; "}${told.join(", ")}`;
}
