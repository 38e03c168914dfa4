import type { WorkingField } from "../../../core/calculation/index.ts";

/** How much of the two columns of a form a field takes. */
export type FieldSpan = "half" | "row";

const NARROW: ReadonlySet<WorkingField["as"]> = new Set(["length", "small", "signed", "between", "number", "percent"]);

/**
 * The places of a form's visible fields: narrow ones two by two, the first of an odd run across both columns, so that no
 * half of a row stays empty. A record that is picked begins a row and shares it with the one narrow field that says more
 * about it, or with the next that is picked.
 */
export function fieldSpans(fields: readonly (readonly [string, WorkingField])[]): ReadonlyMap<string, FieldSpan> {
  const spans = new Map<string, FieldSpan>();
  let run: string[] = [];
  const close = () => {
    for (const [index, name] of run.entries()) spans.set(name, index === 0 && run.length % 2 === 1 ? "row" : "half");
    run = [];
  };
  for (const [index, [name, field]] of fields.entries()) {
    const next = fields[index + 1]?.[1];
    if (field.as === "pick") {
      // Records that are picked one after another stand two by two.
      const paired = run.length === 1 && fields[index - 1]?.[1].as === "pick";
      if (!paired) close();
      run.push(name);
      if (paired || !next || !(next.as === "pick" || NARROW.has(next.as))) close();
    } else if (NARROW.has(field.as)) {
      run.push(name);
      const pickOpen = run.length === 2 && fields[index - 1]?.[1].as === "pick";
      if (pickOpen) close();
    } else {
      close();
      spans.set(name, "row");
    }
  }
  close();
  return spans;
}
