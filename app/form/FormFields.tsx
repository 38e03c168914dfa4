import { INTENT, parse } from "@conform-to/dom";
import { FormProvider, useForm } from "@conform-to/react";
import { type ReactNode, useState } from "react";
import { payloadOf } from "../../formats/form/index.ts";
import type { FieldErrors } from "../../formats/validation.ts";
import { FormState } from "./FormState.tsx";
import type { Fields } from "./unsaved.ts";

interface Started {
  readonly values: Fields;
  readonly errors: FieldErrors;
}

/** What a form of our pages is to the library that keeps its fields; its lists and groups go by the names in it. */
type Tree = Record<string, string>;

const treeOf = (values: Fields): Tree => {
  const payload = payloadOf(values);
  return payload.ok ? (payload.value as Tree) : {};
};

/**
 * Keeps the fields of a form and its lists of rows. What is wrong with them is for the server to say, which alone has
 * the whole of the schema: in the browser only rows are added, removed and moved.
 */
export function useFormFields({ values, errors }: Started) {
  const [started] = useState(() => {
    const tree = treeOf(values);
    const names = Object.keys(errors);
    const lastResult = {
      status: "error" as const,
      initialValue: tree,
      error: Object.fromEntries(names.map((name) => [name, [errors[name] ?? ""]])),
      state: { validated: Object.fromEntries(names.map((name) => [name, true])) },
    };
    return names.length === 0 ? { defaultValue: tree } : { defaultValue: tree, lastResult };
  });
  const [form] = useForm<Tree>({
    ...started,
    onValidate({ formData }) {
      const submission = parse<Tree, string[]>(formData, { resolve: () => ({ value: {} }) });
      // Found right here, every message would go before the server has answered: a question with it, and what was answered to it.
      return formData.has(INTENT) ? submission : { ...submission, status: "error", error: null };
    },
  });
  return form;
}

/** The state of fields for what is drawn inside; the form itself may be another's. */
export function FormFields({
  form,
  values,
  errors,
  children,
}: Started & { form: ReturnType<typeof useFormFields>; children: ReactNode }) {
  return (
    <FormState.Provider value={{ values, errors }}>
      <FormProvider context={form.context}>{children}</FormProvider>
    </FormState.Provider>
  );
}

/** Fields of a form that is no record's: nothing is kept of it, and its page sends it its own way. */
export function PlainFields({ values, errors, children }: Partial<Started> & { children: ReactNode }) {
  const started = { values: values ?? {}, errors: errors ?? {} };
  const form = useFormFields(started);
  return (
    <FormFields form={form} {...started}>
      {children}
    </FormFields>
  );
}
