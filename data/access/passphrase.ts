import { type Algorithm, hash, verify } from "@node-rs/argon2";

/** Letters of a passphrase: fewer are guessed, more are no passphrase. */
export const [LEAST_LETTERS, MOST_LETTERS] = [12, 200];

/** Costs as OWASP names them for argon2id: 19 MiB, two passes, one lane. */
const COSTS = { algorithm: 2 satisfies Algorithm.Argon2id, memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** The same words however a keyboard composes their letters, and whatever blanks stand around them. */
const plain = (text: string): string => text.normalize("NFKC").trim();

/** What is wrong with a passphrase that is to be set; null where nothing is. */
export function passphraseFault(text: string): string | null {
  const { length } = plain(text);
  if (length >= LEAST_LETTERS && length <= MOST_LETTERS) return null;
  return `Expected ${LEAST_LETTERS} to ${MOST_LETTERS} letters, three or four words say, but got ${length}.`;
}

/** A passphrase as it is kept (argon2id, with a salt of its own). */
export const hashPassphrase = (text: string): Promise<string> => hash(plain(text), COSTS);

/** True for the words a kept passphrase was made of. */
export const isPassphrase = (kept: string, text: string): Promise<boolean> => verify(kept, plain(text));
