import { createPrivateKey, X509Certificate } from "node:crypto";
import { chmodSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { isIP } from "node:net";
import { dirname, join } from "node:path";
import { generate } from "selfsigned";
import { fail, ok, type Result } from "../../../core/result.ts";
import type { Sharing } from "../../../data/access/index.ts";

/** A certificate with its key (PEM), and its fingerprint as browsers show it. */
export interface Certificate {
  readonly cert: string;
  readonly key: string;
  readonly fingerprint: string;
}

const DAY_MS = 24 * 3_600_000;

/** One that is made here is good for this long, and made anew this long before its end, days: no browser takes more than 825. */
const [GOOD_DAYS, RENEWED_BEFORE_DAYS] = [800, 30];

/** The folder of a certificate that is made here, beside the data file. */
export const tlsFolderOf = (dataFile: string): string => join(dirname(dataFile), "tls");

/**
 * The certificate made here for these names, kept in a folder of its owner's only; made anew where there is none, where it ends soon, or
 * where this machine has a name or an address by now that it does not stand for.
 */
export async function madeCertificate(folder: string, names: readonly string[], now: Date): Promise<Certificate> {
  const [certFile, keyFile] = [join(folder, "stenz.crt"), join(folder, "stenz.key")];
  const kept = read(certFile, keyFile);
  if (kept.ok && standsFor(kept.value, names, now)) return kept.value;
  const made = await generate([{ name: "commonName", value: "Stenz" }], {
    ...{ keyType: "ec", algorithm: "sha256" },
    // A clock that is a little behind takes it as well.
    notBeforeDate: new Date(now.getTime() - DAY_MS),
    notAfterDate: new Date(now.getTime() + GOOD_DAYS * DAY_MS),
    extensions: [
      { name: "basicConstraints", cA: false, critical: true },
      { name: "keyUsage", digitalSignature: true, critical: true },
      { name: "extKeyUsage", serverAuth: true },
      {
        name: "subjectAltName",
        altNames: names.map((name) => (isIP(name) === 0 ? { type: 2, value: name } : { type: 7, ip: name })),
      },
    ],
  });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  for (const [file, text] of [
    [certFile, made.cert],
    [keyFile, made.private],
  ] as const) {
    writeFileSync(file, text, { mode: 0o600 });
    chmodSync(file, 0o600);
  }
  return { cert: made.cert, key: made.private, fingerprint: new X509Certificate(made.cert).fingerprint256 };
}

/** True for a certificate that is good for a while yet, at every name that is asked of it. */
function standsFor({ cert }: Certificate, names: readonly string[], now: Date): boolean {
  const read = new X509Certificate(cert);
  const left = Date.parse(read.validTo) - now.getTime();
  const at = (name: string) => (isIP(name) === 0 ? read.checkHost(name) : read.checkIP(name)) !== undefined;
  return left > RENEWED_BEFORE_DAYS * DAY_MS && names.every(at);
}

/**
 * The certificate of the maker's own, from two files.
 * @returns it; `tls-no-file`, `tls-unreadable` or `tls-not-a-pair`, which say which file and what was expected of it.
 */
export function ownCertificate({ certFile, keyFile }: Pick<Sharing, "certFile" | "keyFile">): Result<Certificate> {
  if (certFile === null || keyFile === null)
    return fail("tls-no-file", "Expected two files: the certificate and its key, both as PEM.");
  return read(certFile, keyFile);
}

function read(certFile: string, keyFile: string): Result<Certificate> {
  let [cert, key] = ["", ""];
  try {
    [cert, key] = [readFileSync(certFile, "utf8"), readFileSync(keyFile, "utf8")];
  } catch (cause) {
    const { path = certFile, code = "" } = cause as NodeJS.ErrnoException;
    return fail("tls-unreadable", `Expected ${path} to be a file that can be read (${code}).`);
  }
  try {
    const certificate = new X509Certificate(cert);
    if (!certificate.checkPrivateKey(createPrivateKey(key)))
      return fail(
        "tls-not-a-pair",
        `Expected ${keyFile} to be the key of ${certFile}, but it is that of another certificate.`,
      );
    return ok({ cert, key, fingerprint: certificate.fingerprint256 });
  } catch {
    return fail("tls-unreadable", `Expected ${certFile} and ${keyFile} to hold a certificate and its key as PEM.`);
  }
}
