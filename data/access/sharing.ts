import type { Knex } from "knex";
import type { SaveOutcome } from "../db/index.ts";
import { hashPassphrase, isPassphrase } from "./passphrase.ts";

/** How what goes over the network is kept from being overheard: by a certificate made here, by the maker's own, not at all. */
export const TLS_KINDS = ["made", "own", "none"] as const;

/** One of {@link TLS_KINDS}. */
export type TlsKind = (typeof TLS_KINDS)[number];

/** How the workshop is shared. */
export interface Sharing {
  readonly on: boolean;
  readonly tls: TlsKind;
  /** Files of a certificate of the maker's own; null where there is none. */
  readonly certFile: string | null;
  readonly keyFile: string | null;
  readonly hasPassphrase: boolean;
  readonly version: number;
}

/** How the workshop is shared, and by which passphrase. */
export interface SharingRepository {
  find(): Promise<Sharing>;
  save(sharing: Omit<Sharing, "hasPassphrase">): Promise<SaveOutcome<Sharing>>;
  /** Sets the passphrase; what it was before is good no longer. */
  setPassphrase(text: string): Promise<void>;
  /** True for the passphrase that is set; false where none is. */
  isPassphrase(text: string): Promise<boolean>;
}

interface SharingRow {
  passphrase: string | null;
  is_on: number;
  tls: string;
  cert_file: string | null;
  key_file: string | null;
  version: number;
}

const isTls = (text: string): text is TlsKind => (TLS_KINDS as readonly string[]).includes(text);

/** Sharing over a connection. */
export function sharingRepository(db: Knex): SharingRepository {
  const row = (): Promise<SharingRow> => db("sharing").where({ id: 1 }).first();
  const find = async (): Promise<Sharing> => {
    const { passphrase, is_on, tls, cert_file, key_file, version } = await row();
    return {
      ...{ on: is_on === 1, tls: isTls(tls) ? tls : "made", certFile: cert_file, keyFile: key_file, version },
      hasPassphrase: passphrase !== null,
    };
  };
  return {
    find,
    async save({ on, tls, certFile, keyFile, version }) {
      const touched = await db("sharing")
        .where({ id: 1, version })
        .update({ is_on: on ? 1 : 0, tls, cert_file: certFile, key_file: keyFile, version: version + 1 });
      return touched === 1 ? { saved: true, value: await find() } : { saved: false, theirs: await find() };
    },
    async setPassphrase(text) {
      await db("sharing")
        .where({ id: 1 })
        .update({ passphrase: await hashPassphrase(text) });
    },
    async isPassphrase(text) {
      const { passphrase } = await row();
      return passphrase !== null && isPassphrase(passphrase, text);
    },
  };
}
