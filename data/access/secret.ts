import { createHash, randomBytes, randomInt } from "node:crypto";

/** A secret of 256 bits that a browser keeps: no other has it, and nobody guesses it. */
export const newToken = (): string => randomBytes(32).toString("base64url");

/** How a secret is kept: whoever reads the file cannot sign in with what stands there. */
export const hashOf = (secret: string): string => createHash("sha256").update(secret).digest("base64url");

/** Six digits to be typed from one screen into another. */
export const newCode = (): string => String(randomInt(1_000_000)).padStart(6, "0");
