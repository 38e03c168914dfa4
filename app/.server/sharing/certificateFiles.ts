import { createPrivateKey, X509Certificate } from "node:crypto";
import { chmodSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { fail, ok, type Result } from "../../../core/result.ts";

/** A certificate with its key (PEM), and its fingerprint as browsers show it. */
export interface Certificate {
  readonly cert: string;
  readonly key: string;
  readonly fingerprint: string;
}

/** Where a certificate and its key lie. */
export interface CertificateFiles {
  readonly certFile: string;
  readonly keyFile: string;
}

/** Reads a certificate with its key. @returns it; `tls-unreadable` or `tls-not-a-pair`. */
export function readPair({ certFile, keyFile }: CertificateFiles): Result<Certificate> {
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

/** Keeps a certificate with its key in a folder, its owner's only. */
export function writePair(
  folder: string,
  { certFile, keyFile }: CertificateFiles,
  cert: string,
  key: string,
): Certificate {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  for (const [file, text] of [
    [certFile, cert],
    [keyFile, key],
  ] as const) {
    writeFileSync(file, text, { mode: 0o600 });
    chmodSync(file, 0o600);
  }
  return { cert, key, fingerprint: new X509Certificate(cert).fingerprint256 };
}
