import type { WorkingField } from "../../../core/calculation/index.ts";
import { type Elsewhere, saidOtherwise, type ToldElsewhere } from "../../../core/standing/index.ts";
import { fieldsOfWorking, type WorkingId } from "../../../core/workings/index.ts";

/** What of a calculation's facts was told or decided at other steps. */
export interface ToldFacts {
  readonly elsewhere?: Elsewhere;
  readonly decided?: Readonly<Record<string, { readonly words: string }>>;
}

/** What was told elsewhere, of the facts of whichever calculation: those that rest on nothing told have no such part. */
export const toldOf = (facts: object | null): ToldFacts => facts ?? {};

/** A value in the words of its field: lengths in mm, which every page writes in its own unit. */
function said(field: WorkingField, value: number): string {
  if (field.as === "percent") return `${Number((value * 100).toFixed(1))} %`;
  if (field.as === "number") return `${Number(value.toFixed(3))}`;
  return `${Number(value.toFixed(1))} mm`;
}

/** What stands below fields that are left empty, since another step was told it. */
export function elsewhereHints(id: WorkingId, { elsewhere = {} }: ToldFacts): Readonly<Record<string, string>> {
  const fields = fieldsOfWorking(id);
  const hints = fields.flatMap(([name, field]) => {
    const told = elsewhere[name];
    if (!told) return [];
    const how = `${said(field, told.value)}, ${told.reckoned ? "worked out" : "typed"} at ${told.at}`;
    return [[name, `Empty${choiceWords(fields, told)}: ${how}.`]];
  });
  return Object.fromEntries(hints);
}

/** Of a value that holds for one choice alone: which. */
function choiceWords(fields: ReturnType<typeof fieldsOfWorking>, { when }: ToldElsewhere): string {
  const field = fields.find(([name]) => name === when?.field)?.[1];
  const chosen = field?.as === "choice" ? field.choices.find(({ value }) => value === when?.is) : undefined;
  return chosen ? `, as a ${chosen.label.toLowerCase()}` : "";
}

/** What stands in the place of fields that another step decides. */
export const decidedWords = ({ decided = {} }: ToldFacts): Readonly<Record<string, string>> =>
  Object.fromEntries(Object.entries(decided).map(([name, { words }]) => [name, words]));

/** Fields that say something else here than another step, in sentences. */
export function otherwiseHere(id: WorkingId, working: object, { elsewhere = {} }: ToldFacts): string[] {
  const fields = Object.fromEntries(fieldsOfWorking(id));
  return saidOtherwise(working, elsewhere).flatMap(({ field: name, here, there }) => {
    const field = fields[name];
    if (!field) return [];
    return [
      `${field.label}: ${said(field, here)} here, but ${said(field, there.value)} at ${there.at}. Leave one of the two empty, and there is one value.`,
    ];
  });
}
