import sharp from "sharp";
import { fail, ok, type Result } from "../../core/result.ts";

/** Kinds of picture that are kept. */
export type PictureType = "image/jpeg" | "image/png";

/** A picture as it is kept: only what is seen, nothing about where or with what it was taken. */
export interface Picture {
  readonly type: PictureType;
  readonly bytes: Uint8Array;
}

/** Largest file a picture is read from, bytes: what a telephone takes. */
export const LARGEST_PICTURE = 15_000_000;

/** Most pixels that are decoded: a few bytes can claim billions. */
const MOST_PIXELS = 60_000_000;

/** Longest side that is kept, pixels: what a seam or a fold is told by. */
const LONGEST_SIDE = 1600;

/** Quality of a JPEG that is written anew. */
const QUALITY = 82;

const JPEG = [0xff, 0xd8, 0xff];
const PNG = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];

/**
 * Reads a picture by its content, whatever its name says, decodes it within limits and writes it anew: what is kept are
 * its pixels, turned the way it was held and made smaller where it is large. Place, camera, date, words and whatever
 * hangs behind its end do not come along.
 *
 * @returns the picture, or `picture-too-large` (bytes or pixels), `picture-unknown` for another kind of file,
 *   `picture-broken`.
 */
export async function readPicture(bytes: Uint8Array): Promise<Result<Picture>> {
  if (bytes.length > LARGEST_PICTURE) {
    const size = (bytes.length / 1e6).toFixed(1);
    return fail("picture-too-large", `Expected a picture up to ${LARGEST_PICTURE / 1e6} MB, but it has ${size} MB.`);
  }
  const type = beginsWith(bytes, JPEG) ? "image/jpeg" : beginsWith(bytes, PNG) ? "image/png" : null;
  if (!type) return fail("picture-unknown", "Expected a JPEG or PNG picture, but the file is neither.");
  try {
    const decoding = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: "error" });
    const { width, height } = await decoding.metadata();
    if (width * height > MOST_PIXELS) {
      return fail(
        "picture-too-large",
        `Expected a picture up to ${MOST_PIXELS / 1e6} million pixels, but it has ${width} × ${height}.`,
      );
    }
    const small = decoding
      .rotate()
      .resize({ width: LONGEST_SIDE, height: LONGEST_SIDE, fit: "inside", withoutEnlargement: true });
    const written = type === "image/jpeg" ? small.jpeg({ quality: QUALITY }) : small.png({ compressionLevel: 9 });
    return ok({ type, bytes: new Uint8Array(await written.toBuffer()) });
  } catch {
    return fail("picture-broken", "Expected a whole picture, but the file breaks off or cannot be decoded.");
  }
}

const beginsWith = (bytes: Uint8Array, start: readonly number[]): boolean =>
  start.every((byte, index) => bytes[index] === byte);
