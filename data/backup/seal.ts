import {
  createCipheriv,
  createDecipheriv,
  createPrivateKey,
  createPublicKey,
  diffieHellman,
  generateKeyPairSync,
  hkdfSync,
  type KeyObject,
  randomBytes,
  scryptSync,
} from "node:crypto";
import { closeSync, createReadStream, createWriteStream, openSync, readSync, statSync } from "node:fs";
import { pipeline } from "node:stream/promises";
import { fail, ok, type Result } from "../../core/result.ts";

/**
 * Backups are sealed with a public key, so that the server takes them without knowing the passphrase; the private key lies in every sealed
 * file, locked by the passphrase (scrypt, AES-256-GCM). A file: a line of JSON, then the content (X25519, HKDF, AES-256-GCM).
 */
export interface SealKey {
  /** SPKI, base64. */
  readonly publicKey: string;
  /** The private key (PKCS #8), locked by the passphrase. */
  readonly locked: { readonly salt: string; readonly iv: string; readonly tag: string; readonly key: string };
}

/** What stands in the first line of a sealed file. */
interface SealHead {
  readonly format: "stenz.sealed";
  readonly version: 1;
  readonly locked: SealKey["locked"];
  readonly ephemeral: string;
  readonly iv: string;
}

const ENDING = ".sealed";
const TAG_BYTES = 16;
/** The first line is no longer, bytes. */
const MOST_HEAD = 4096;

/** What opening a key by a passphrase costs: a quarter of a second, 32 MiB. */
const SCRYPT = { N: 32_768, r: 8, p: 1, maxmem: 64 * 1024 * 1024 } as const;

/** True for the name of a sealed file. */
export const isSealed = (name: string): boolean => name.endsWith(ENDING);

/** The name of a file once it is sealed. */
export const sealedName = (name: string): string => `${name}${ENDING}`;

const base64 = (bytes: Uint8Array): string => Buffer.from(bytes).toString("base64");
const bytesOf = (text: string): Buffer => Buffer.from(text, "base64");

const keyBy = (passphrase: string, salt: Buffer): Buffer =>
  scryptSync(passphrase.normalize("NFKC").trim(), salt, 32, SCRYPT);

/** A key to seal backups with, that only the passphrase opens. */
export function newSealKey(passphrase: string): SealKey {
  const pair = generateKeyPairSync("x25519");
  const [salt, iv] = [randomBytes(16), randomBytes(12)];
  const cipher = createCipheriv("aes-256-gcm", keyBy(passphrase, salt), iv);
  const plain = pair.privateKey.export({ type: "pkcs8", format: "der" });
  const key = Buffer.concat([cipher.update(plain), cipher.final()]);
  return {
    publicKey: base64(pair.publicKey.export({ type: "spki", format: "der" })),
    locked: { salt: base64(salt), iv: base64(iv), tag: base64(cipher.getAuthTag()), key: base64(key) },
  };
}

const contentKey = (privateKey: KeyObject, publicKey: KeyObject): Buffer =>
  Buffer.from(
    hkdfSync("sha256", diffieHellman({ privateKey, publicKey }), Buffer.alloc(0), "stenz.sealed content", 32),
  );

const publicOf = (text: string): KeyObject => createPublicKey({ key: bytesOf(text), type: "spki", format: "der" });

/** Seals a file into another. */
export async function seal(file: string, sealed: string, key: SealKey): Promise<void> {
  const ephemeral = generateKeyPairSync("x25519");
  const iv = randomBytes(12);
  const cipher = createCipheriv("aes-256-gcm", contentKey(ephemeral.privateKey, publicOf(key.publicKey)), iv);
  const head: SealHead = {
    ...{ format: "stenz.sealed", version: 1, locked: key.locked, iv: base64(iv) },
    ephemeral: base64(ephemeral.publicKey.export({ type: "spki", format: "der" })),
  };
  const out = createWriteStream(sealed, { mode: 0o600 });
  out.write(`${JSON.stringify(head)}\n`);
  await pipeline(createReadStream(file), cipher, out, { end: false });
  await new Promise<void>((resolve, reject) => {
    out.once("error", reject);
    out.end(cipher.getAuthTag(), () => resolve());
  });
}

/**
 * Opens a sealed file into another.
 * @returns nothing; `sealed-wrong-passphrase`, or `sealed-damaged` where the file is not whole.
 */
export async function unseal(sealed: string, file: string, passphrase: string): Promise<Result<null>> {
  const damaged = fail("sealed-damaged", "Expected a whole sealed backup, but it was cut short or changed.");
  const read = readHead(sealed);
  if (!read) return damaged;
  const { head, from, tag, to } = read;
  let privateKey: KeyObject;
  try {
    const { salt, iv, tag: lockTag, key } = head.locked;
    const opening = createDecipheriv("aes-256-gcm", keyBy(passphrase, bytesOf(salt)), bytesOf(iv));
    opening.setAuthTag(bytesOf(lockTag));
    const plain = Buffer.concat([opening.update(bytesOf(key)), opening.final()]);
    privateKey = createPrivateKey({ key: plain, type: "pkcs8", format: "der" });
  } catch {
    return fail(
      "sealed-wrong-passphrase",
      "Expected the passphrase this backup was sealed with: this one does not open it.",
    );
  }
  try {
    const decipher = createDecipheriv(
      "aes-256-gcm",
      contentKey(privateKey, publicOf(head.ephemeral)),
      bytesOf(head.iv),
    );
    decipher.setAuthTag(tag);
    await pipeline(
      createReadStream(sealed, { start: from, end: to - 1 }),
      decipher,
      createWriteStream(file, { mode: 0o600 }),
    );
    return ok(null);
  } catch {
    return damaged;
  }
}

/** The head of a sealed file, where its content lies, and the mark that it is whole; null for a file that is none. */
function readHead(file: string): { head: SealHead; from: number; to: number; tag: Buffer } | null {
  const { size } = statSync(file);
  const handle = openSync(file, "r");
  try {
    const start = Buffer.alloc(Math.min(MOST_HEAD, size));
    readSync(handle, start, 0, start.length, 0);
    const end = start.indexOf("\n");
    if (end === -1 || size < end + 1 + TAG_BYTES + 1) return null;
    const tag = Buffer.alloc(TAG_BYTES);
    readSync(handle, tag, 0, TAG_BYTES, size - TAG_BYTES);
    const head = JSON.parse(start.subarray(0, end).toString("utf8")) as SealHead;
    return head.format === "stenz.sealed" && head.version === 1
      ? { head, from: end + 1, to: size - TAG_BYTES, tag }
      : null;
  } catch {
    return null;
  } finally {
    closeSync(handle);
  }
}
