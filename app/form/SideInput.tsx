import { ChoiceInput } from "./ChoiceInput.tsx";

/** Both sides of the body in words: the wearer's own. */
export const ONE_SIDE = [
  { value: "left", label: "wearer's left" },
  { value: "right", label: "wearer's right" },
] as const;

/** Which side of the body something is of; `both` says what neither alone is called there. */
export function SideInput({ both = "both sides" }: { both?: string }) {
  return <ChoiceInput name="side" legend="Side" choices={[{ value: "both", label: both }, ...ONE_SIDE]} />;
}
