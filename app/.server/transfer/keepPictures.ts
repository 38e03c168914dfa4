import sharp from "sharp";
import { fail, ok, type Result } from "../../../core/result.ts";
import type { JobDocument, PhotoEntry } from "../../../formats/job/jobDocument.ts";
import { readPicture } from "../../../formats/pictures/picture.ts";
import type { Progress } from "../pool/task.ts";

/**
 * Looks at every picture of a file of a job as if it had been uploaded: decoded within limits, refused where it is none.
 * One that carries nothing beside its pixels, as Stenz writes them, is kept byte for byte; any other is written anew.
 *
 * @returns the file with its pictures, or `photo-unreadable` with where it stands.
 */
export async function keepPictures(
  document: JobDocument,
  progress: (come: Progress) => void = () => undefined,
): Promise<Result<JobDocument>> {
  const copy = structuredClone(document);
  const places = placesIn(copy);
  for (const [done, { number, list, index }] of places.entries()) {
    progress({ done, of: places.length, what: "photos" });
    const kept = await keptOf(list[index] as PhotoEntry);
    if (!kept.ok) return fail("photo-unreadable", `A photo of prototype ${number}: ${kept.problem.message}`);
    list[index] = kept.value;
  }
  return ok(copy);
}

/** Where a photo stands: of which prototype, and in which list. */
interface PhotoPlace {
  readonly number: number;
  readonly list: PhotoEntry[];
  readonly index: number;
}

const placesIn = ({ prototypes }: JobDocument): PhotoPlace[] =>
  prototypes.flatMap(({ number, fittings }) =>
    fittings
      .flatMap(({ photos, findings }) => [photos, ...findings.map((finding) => finding.photos)])
      .flatMap((list) => list.map((_photo, index) => ({ number, list: list as PhotoEntry[], index }))),
  );

async function keptOf(photo: PhotoEntry): Promise<Result<PhotoEntry>> {
  const bytes = new Uint8Array(Buffer.from(photo.bytes, "base64"));
  const picture = await readPicture(bytes);
  if (!picture.ok) return picture;
  const { type } = picture.value;
  if (type !== photo.type) return fail("photo-type", `Expected ${photo.type}, but it is ${type}.`);
  if (await isBare(bytes)) return ok(photo);
  return ok({ type, bytes: Buffer.from(picture.value.bytes).toString("base64") });
}

/** How a JPEG and a PNG end; whatever stands behind that is no part of the picture. */
const ENDS: readonly (readonly number[])[] = [
  [0xff, 0xd9],
  [0x49, 0x45, 0x4e, 0x44, 0xae, 0x42, 0x60, 0x82],
];

async function isBare(bytes: Uint8Array): Promise<boolean> {
  const { exif, xmp, iptc, comments } = await sharp(bytes).metadata();
  const ended = ENDS.some((end) => end.every((byte, index) => bytes[bytes.length - end.length + index] === byte));
  return ended && !exif && !xmp && !iptc && !comments?.length;
}
