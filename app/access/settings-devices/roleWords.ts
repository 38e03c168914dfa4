import type { Choice } from "../../form/ChoiceInput.tsx";

/** What a device may do, in words. */
export const ROLE_CHOICES: readonly Choice[] = [
  { value: "whole", label: "the whole workshop" },
  { value: "fittings", label: "fittings of chosen jobs" },
  { value: "look", label: "only look" },
];
