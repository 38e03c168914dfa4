import { randomInt } from "node:crypto";

/** Letters and digits that cannot be mistaken for one another when read out. */
const ALPHABET = "23456789ABCDEFGHJKLMNPQRSTUVWXYZ";

/**
 * Logs an error nobody foresaw, with a reference the maker can read out. Names the error and where it arose; never
 * the request's body, the query or bound values, which may be a wearer's data.
 *
 * @returns the reference.
 */
export function logUnexpected(error: unknown, where: string): string {
  const reference = Array.from({ length: 8 }, () => ALPHABET[randomInt(ALPHABET.length)]).join("");
  const cause = error instanceof Error ? (error.stack ?? `${error.name}: ${error.message}`) : typeof error;
  console.error(`[${reference}] ${where}: ${cause}`);
  return reference;
}
