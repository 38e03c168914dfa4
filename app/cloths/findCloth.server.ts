import type { Repositories } from "../../data/store.ts";
import { clothIdOf } from "./layupFields.ts";

/** The cloth a maker means by a name, or by a name picked from the shelf; null where there is none or more than one. */
export async function findCloth(text: string, cloths: Repositories["cloths"]): Promise<number | null> {
  const id = clothIdOf(text);
  if (id !== null) return (await cloths.find(id)) ? id : null;
  const { rows } = await cloths.list({ search: text, page: 1 });
  const named = rows.filter(({ name }) => name.toLowerCase() === text.toLowerCase());
  return named.length === 1 ? (named[0]?.id ?? null) : null;
}

/** The same for a field that may stay empty. */
export const pickedCloth = async (text: string, cloths: Repositories["cloths"]): Promise<number | null> =>
  text === "" ? null : await findCloth(text, cloths);

/** What a field says where no cloth is meant by its text. */
export const noSuchCloth = (text: string): string =>
  `Expected the name of a cloth on the shelf, but got “${text.slice(0, 60)}”.`;
