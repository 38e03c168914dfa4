import { createContext, useContext } from "react";
import type { FieldErrors } from "../../formats/validation.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import type { Fields } from "./unsaved.ts";

/** What the fields of one form start from, and what is wrong with them. */
export interface FormStateValue {
  readonly values: Fields;
  readonly errors: FieldErrors;
}

/** Values and errors for the fields inside a form. */
export const FormState = createContext<FormStateValue>({ values: {}, errors: {} });

/** Value and error of one field. */
export function useFieldState(name: string): { value: string; error: string | undefined } {
  const { values, errors } = useContext(FormState);
  const lengths = useLengths();
  const error = errors[name];
  return { value: values[name] ?? "", error: error === undefined ? undefined : lengths.told(error) };
}
