/** Markers of segments that carry words about a picture: APP1 to APP15 (but APP2 and APP14, which carry colour) and comments. */
const isAbout = (marker: number): boolean =>
  (marker >= 0xe1 && marker <= 0xef && marker !== 0xe2 && marker !== 0xee) || marker === 0xfe;

const START_OF_SCAN = 0xda;

/**
 * A JPEG without its Exif, XMP and comment segments.
 * @returns null where a segment runs past the end.
 * @source ITU-T T.81, annex B: segments of two length bytes up to the start of scan.
 */
export function bareJpeg(bytes: Uint8Array): Uint8Array | null {
  const kept: Uint8Array[] = [bytes.subarray(0, 2)];
  for (let at = 2; at + 4 <= bytes.length; ) {
    if (bytes[at] !== 0xff) return null;
    const marker = bytes[at + 1] as number;
    if (marker === START_OF_SCAN) return joined([...kept, bytes.subarray(at)]);
    const end = at + 2 + (((bytes[at + 2] as number) << 8) | (bytes[at + 3] as number));
    if (end > bytes.length || end <= at + 3) return null;
    if (!isAbout(marker)) kept.push(bytes.subarray(at, end));
    at = end;
  }
  return null;
}

/** Parts of a file put together. */
export function joined(parts: readonly Uint8Array[]): Uint8Array {
  const whole = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}
