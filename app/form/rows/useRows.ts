import { useField, useFormMetadata } from "@conform-to/react";

/** One row of a list in a form. */
export interface Row {
  /** Stays with the row when it is moved. */
  readonly key: string;
  /** Its name in the form, such as `sizes[2]`: its fields stand below it. */
  readonly name: string;
  /** Counted from 0. */
  readonly index: number;
}

/** The rows of a list in a form, and what can be done to them. */
export interface Rows {
  readonly rows: readonly Row[];
  add(): void;
  remove(index: number): void;
  move(from: number, to: number): void;
}

/** The rows of one list of the form around. */
export function useRows(name: string): Rows {
  const form = useFormMetadata();
  const [field] = useField<Record<string, string>[]>(name);
  // What no form of ours sends, names that make a list a group, has no rows.
  const isList = field.initialValue === undefined || Array.isArray(field.initialValue);
  return {
    rows: (isList ? field.getFieldList() : []).map((row, index) => ({
      key: row.key ?? row.name,
      name: row.name,
      index,
    })),
    add: () => form.insert({ name }),
    remove: (index) => form.remove({ name, index }),
    move: (from, to) => form.reorder({ name, from, to }),
  };
}
