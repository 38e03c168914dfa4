import { fail, ok, type Result } from "../../core/result.ts";
import { bareJpeg } from "./bareJpeg.ts";
import { barePng } from "./barePng.ts";

/** Kinds of picture that are kept. */
export type PictureType = "image/jpeg" | "image/png";

/** A picture as it is kept: only what is seen, nothing about where or with what it was taken. */
export interface Picture {
  readonly type: PictureType;
  readonly bytes: Uint8Array;
}

/** Largest picture that is kept, bytes. */
export const LARGEST_PICTURE = 1_500_000;

const JPEG = [0xff, 0xd8, 0xff];
const PNG = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];

/**
 * Reads a picture by its content, whatever its name says, and takes off everything that is not the picture: place,
 * camera, date, words.
 *
 * @returns the bare picture, or `picture-too-large`, `picture-unknown` for another kind of file, `picture-broken`.
 */
export function readPicture(bytes: Uint8Array): Result<Picture> {
  if (bytes.length > LARGEST_PICTURE) {
    const size = (bytes.length / 1e6).toFixed(1);
    return fail("picture-too-large", `Expected a picture up to ${LARGEST_PICTURE / 1e6} MB, but it has ${size} MB.`);
  }
  const type = beginsWith(bytes, JPEG) ? "image/jpeg" : beginsWith(bytes, PNG) ? "image/png" : null;
  if (!type) return fail("picture-unknown", "Expected a JPEG or PNG picture, but the file is neither.");
  const bare = type === "image/jpeg" ? bareJpeg(bytes) : barePng(bytes);
  return bare
    ? ok({ type, bytes: bare })
    : fail("picture-broken", "Expected a whole picture, but the file breaks off.");
}

const beginsWith = (bytes: Uint8Array, start: readonly number[]): boolean =>
  start.every((byte, index) => bytes[index] === byte);
