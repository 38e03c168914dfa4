import { type Static, Type } from "typebox";
import { type KeptType, keptType } from "./keptType.ts";

const base64 = () => Type.String({ minLength: 1, maxLength: 400, pattern: "^[A-Za-z0-9+/]+=*$" });

/** The key backups are sealed with, as it is kept: the public half, and the private one locked by the passphrase. */
const SEAL_KEY = Type.Object(
  {
    publicKey: base64(),
    locked: Type.Object(
      { salt: base64(), iv: base64(), tag: base64(), key: base64() },
      { additionalProperties: false },
    ),
  },
  { additionalProperties: false },
);

/** A seal key as it is kept. */
export const keptSealKey: KeptType<Static<typeof SEAL_KEY>> = keptType({
  what: "the key backups are sealed with",
  schema: SEAL_KEY,
});
