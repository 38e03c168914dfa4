import { X509Certificate } from "node:crypto";
import { isIP } from "node:net";
import { dirname, join } from "node:path";
import { generate } from "selfsigned";
import { fail, type Result } from "../../../core/result.ts";
import type { Sharing } from "../../../data/access/index.ts";
import { madeAuthority } from "./authority.ts";
import { type Certificate, readPair, writePair } from "./certificateFiles.ts";

const DAY_MS = 24 * 3_600_000;

/** One that is made here is good for this long, and made anew this long before its end, days: no browser takes more than 825. */
const [GOOD_DAYS, RENEWED_BEFORE_DAYS] = [800, 30];

/** The folder of a certificate that is made here, beside the data file. */
export const tlsFolderOf = (dataFile: string): string => join(dirname(dataFile), "tls");

/** A certificate made here, with the authority that vouches for it. */
export interface MadeCertificate extends Certificate {
  readonly authority: Certificate;
}

/**
 * The certificate made here for these names, kept in a folder of its owner's only; made anew where there is none, where it ends soon, or
 * where this machine has a name or an address by now that it does not stand for.
 */
export async function madeCertificate(folder: string, names: readonly string[], now: Date): Promise<MadeCertificate> {
  const authority = await madeAuthority(folder, names, now);
  const files = { certFile: join(folder, "stenz.crt"), keyFile: join(folder, "stenz.key") };
  const kept = readPair(files);
  if (kept.ok && standsFor(kept.value, authority, names, now)) return { ...kept.value, authority };
  const made = await generate([{ name: "commonName", value: "Stenz" }], {
    ...{ keyType: "ec", algorithm: "sha256", ca: authority },
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
  // Sent with what vouches for it: a device looks from the one to the other.
  return { ...writePair(folder, files, `${made.cert.trimEnd()}\n${authority.cert}`, made.private), authority };
}

/** True for a certificate of this authority that is good for a while yet, at every name that is asked of it. */
function standsFor({ cert }: Certificate, authority: Certificate, names: readonly string[], now: Date): boolean {
  const [read, of] = [new X509Certificate(cert), new X509Certificate(authority.cert)];
  const left = Date.parse(read.validTo) - now.getTime();
  const at = (name: string) => (isIP(name) === 0 ? read.checkHost(name) : read.checkIP(name)) !== undefined;
  return left > RENEWED_BEFORE_DAYS * DAY_MS && read.verify(of.publicKey) && names.every(at);
}

/**
 * The certificate of the maker's own, from two files.
 * @returns it; `tls-no-file`, `tls-unreadable` or `tls-not-a-pair`, which say which file and what was expected of it.
 */
export function ownCertificate({ certFile, keyFile }: Pick<Sharing, "certFile" | "keyFile">): Result<Certificate> {
  if (certFile === null || keyFile === null)
    return fail("tls-no-file", "Expected two files: the certificate and its key, both as PEM.");
  return readPair({ certFile, keyFile });
}
