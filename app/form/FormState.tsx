import { useField } from "@conform-to/react";
import { createContext } from "react";
import type { FieldErrors } from "../../formats/validation.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import type { Fields } from "./unsaved.ts";

/** What a form started from, for what has to know more than one field of it. */
export interface FormStateValue {
  readonly values: Fields;
  readonly errors: FieldErrors;
}

/** What the form around started from. */
export const FormState = createContext<FormStateValue>({ values: {}, errors: {} });

/** What one field starts from, and what is wrong with it. */
export function useFieldState(name: string): { value: string; error: string | undefined } {
  const [field] = useField<string>(name);
  const lengths = useLengths();
  const error = field.errors?.[0];
  const value: unknown = field.initialValue;
  return {
    value: typeof value === "string" ? value : "",
    error: error === undefined ? undefined : lengths.told(error),
  };
}
