import { randomInt } from "node:crypto";

/** Letters and digits that cannot be mistaken for one another when read out. */
const ALPHABET = "23456789ABCDEFGHJKLMNPQRSTUVWXYZ";

/**
 * Logs an error nobody foresaw, with a reference the maker can read out. Names the error, its code and where it arose;
 * never its message, the request's body, the query or bound values, which may be a wearer's data or a setting.
 *
 * @returns the reference.
 */
export function logUnexpected(error: unknown, where: string): string {
  const reference = Array.from({ length: 8 }, () => ALPHABET[randomInt(ALPHABET.length)]).join("");
  console.error(`[${reference}] ${where}: ${told(error)}`);
  return reference;
}

function told(error: unknown): string {
  if (!(error instanceof Error)) return typeof error;
  const { code } = error as { code?: unknown };
  const frames = (error.stack ?? "").split("\n").filter((line) => /^\s+at /.test(line));
  return [`${error.name}${typeof code === "string" ? ` (${code})` : ""}`, ...frames].join("\n");
}
