import type { WorkingField } from "../../../core/calculation/index.ts";
import { type Elsewhere, saidOtherwise } from "../../../core/standing/index.ts";
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
export const elsewhereHints = (id: WorkingId, { elsewhere = {} }: ToldFacts): Readonly<Record<string, string>> =>
  Object.fromEntries(
    fieldsOfWorking(id).flatMap(([name, field]) => {
      const told = elsewhere[name];
      return told ? [[name, `Empty: ${said(field, told.value)}, typed at ${told.at}.`]] : [];
    }),
  );

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
