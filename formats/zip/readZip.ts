import { posix } from "node:path";
import { buffer } from "node:stream/consumers";
import { crc32 } from "node:zlib";
import { type Entry, fromBufferPromise, openPromise, type ZipFile } from "yauzl";
import { fail, ok, type Result } from "../../core/result.ts";

/** What a ZIP may hold: more is no file of ours, or made to fill the disk. */
export interface ZipLimits {
  readonly entries: number;
  /** Of one file and of all together, unpacked, bytes. */
  readonly bytesEach: number;
  readonly bytes: number;
  /** How much larger than packed a file may be. */
  readonly ratio: number;
}

/** Limits of everything of a workshop: years of work with photos. */
export const EVERYTHING_LIMITS: ZipLimits = { entries: 200_000, bytesEach: 200e6, bytes: 4e9, ratio: 300 };

/** Small files may be packed as tightly as they like: what they come to is counted all the same, bytes. */
const SMALL = 100_000;

/** One file of a ZIP. */
export interface ZipEntry {
  readonly name: string;
  readonly content: Buffer;
}

/** True for a name that stays within the folder it is unpacked into. */
export const staysWithin = (name: string): boolean =>
  name !== "" &&
  !name.includes("\\") &&
  !name.includes("\0") &&
  !posix.isAbsolute(name) &&
  !/^[a-z]:/i.test(name) &&
  !posix.normalize(name).split("/").includes("..");

/**
 * Reads a ZIP file by file, in its order; nothing of it is written anywhere.
 * @param from a path, or its bytes.
 * @returns nothing; `zip-unreadable`, `zip-too-many`, `zip-too-large`, `zip-climbs`, which say what was met, or what the reader answers.
 */
export async function readZip(
  from: string | Buffer,
  read: (entry: ZipEntry) => Result<null>,
  limits: ZipLimits = EVERYTHING_LIMITS,
): Promise<Result<null>> {
  let zip: ZipFile;
  try {
    zip = await (typeof from === "string" ? openPromise(from, OPTIONS) : fromBufferPromise(from, OPTIONS));
  } catch {
    return fail("zip-unreadable", "Expected a ZIP file that can be read, but it is none, or was cut short.");
  }
  try {
    if (zip.entryCount > limits.entries)
      return fail("zip-too-many", `Expected at most ${limits.entries} files, but there are ${zip.entryCount}.`);
    let bytes = 0;
    for await (const entry of zip.eachEntry()) {
      const refused = refusalOf(entry, limits, bytes + entry.uncompressedSize);
      if (refused) return refused;
      bytes += entry.uncompressedSize;
      if (entry.fileName.endsWith("/")) continue;
      // Counted as it comes as well: the head of an entry may lie, and the reader then ends it.
      const content = await buffer(await zip.openReadStreamPromise(entry));
      if (crc32(content) !== entry.crc32) return fail("zip-unreadable", DAMAGED);
      const answer = read({ name: entry.fileName, content });
      if (!answer.ok) return answer;
    }
    return ok(null);
  } catch {
    return fail("zip-unreadable", DAMAGED);
  } finally {
    zip.close();
  }
}

const DAMAGED = "Expected a whole ZIP file, but something in it is damaged.";

const OPTIONS = { lazyEntries: true, autoClose: false, validateEntrySizes: true, strictFileNames: true } as const;

function refusalOf(entry: Entry, { bytesEach, bytes, ratio }: ZipLimits, all: number): Result<null> | null {
  const { fileName, uncompressedSize, compressedSize } = entry;
  if (!staysWithin(fileName))
    return fail("zip-climbs", `Expected files within one folder, but “${fileName.slice(0, 80)}” leads out of it.`);
  const bomb = uncompressedSize > SMALL && uncompressedSize > ratio * Math.max(1, compressedSize);
  if (uncompressedSize > bytesEach || all > bytes || bomb)
    return fail(
      "zip-too-large",
      `“${fileName.slice(0, 80)}” comes to more than a file of a workshop does; it was not unpacked.`,
    );
  return null;
}
