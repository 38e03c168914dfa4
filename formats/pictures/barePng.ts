import { joined } from "./bareJpeg.ts";

/** Chunks that carry words, times or camera data about a picture. */
const ABOUT = new Set(["tEXt", "zTXt", "iTXt", "eXIf", "tIME"]);

const SIGNATURE = 8;
const CHUNK_FRAME = 12;

/**
 * A PNG without its text, time and Exif chunks.
 * @returns null where a chunk runs past the end, or the last chunk is missing.
 * @source PNG specification (ISO/IEC 15948), section 5: chunks of length, type, data, checksum.
 */
export function barePng(bytes: Uint8Array): Uint8Array | null {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const kept: Uint8Array[] = [bytes.subarray(0, SIGNATURE)];
  for (let at = SIGNATURE; at + CHUNK_FRAME <= bytes.length; ) {
    const end = at + CHUNK_FRAME + view.getUint32(at);
    if (end > bytes.length) return null;
    const type = String.fromCharCode(...bytes.subarray(at + 4, at + 8));
    if (!ABOUT.has(type)) kept.push(bytes.subarray(at, end));
    if (type === "IEND") return joined(kept);
    at = end;
  }
  return null;
}
