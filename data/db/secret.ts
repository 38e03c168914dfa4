import { createHash, randomBytes } from "node:crypto";

/** A secret of so many bytes that somebody keeps: no other has it, and nobody guesses it. */
export const newSecret = (bytes: number): string => randomBytes(bytes).toString("base64url");

/** How a secret is kept: whoever reads the file cannot come in with what stands there. */
export const hashOf = (secret: string): string => createHash("sha256").update(secret).digest("base64url");
