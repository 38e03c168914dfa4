import { describe, expect, it } from "vitest";
import { LARGEST_PICTURE, readPicture } from "./picture.ts";

const bytes = (...parts: (string | readonly number[])[]): Uint8Array =>
  Uint8Array.from(
    parts.flatMap((part) => (typeof part === "string" ? [...part].map((letter) => letter.charCodeAt(0)) : part)),
  );

const segment = (marker: number, content: string) => bytes([0xff, marker, 0, content.length + 2], content);
const chunk = (type: string, content: string) => bytes([0, 0, 0, content.length], type, content, [1, 2, 3, 4]);
const together = (...parts: Uint8Array[]) => Uint8Array.from(parts.flatMap((part) => [...part]));

const SCAN = bytes([0xff, 0xda, 0, 4, 1, 2], "the picture itself", [0xff, 0xd9]);
const jpeg = together(
  bytes([0xff, 0xd8]),
  segment(0xe0, "JFIF"),
  segment(0xe1, "Exif GPS 51.5N"),
  segment(0xfe, "taken at home"),
  segment(0xdb, "tables"),
  SCAN,
);
const png = together(
  bytes([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
  chunk("IHDR", "size"),
  chunk("eXIf", "GPS 51.5N"),
  chunk("tEXt", "taken at home"),
  chunk("IDAT", "the picture itself"),
  chunk("IEND", ""),
);

const text = (picture: Uint8Array) => String.fromCharCode(...picture);

describe("a picture", () => {
  it.each([
    ["JPEG", jpeg, "image/jpeg"],
    ["PNG", png, "image/png"],
  ])("as %s is kept without place and words", (_name, given, type) => {
    const read = readPicture(given);
    if (!read.ok) throw new Error(read.problem.message);
    expect(read.value.type).toBe(type);
    expect(text(read.value.bytes)).toContain("the picture itself");
    expect(text(read.value.bytes)).not.toMatch(/GPS|home/);
    expect(readPicture(read.value.bytes)).toEqual(read);
  });

  it("is known by its content, not by its name", () => {
    expect(readPicture(bytes("<svg onload=alert(1)>"))).toMatchObject({
      ok: false,
      problem: { code: "picture-unknown" },
    });
    expect(readPicture(bytes("GIF89a"))).toMatchObject({ ok: false, problem: { code: "picture-unknown" } });
  });

  it("that breaks off is refused", () => {
    expect(readPicture(jpeg.subarray(0, 20))).toMatchObject({ ok: false, problem: { code: "picture-broken" } });
    expect(readPicture(png.subarray(0, png.length - 6))).toMatchObject({
      ok: false,
      problem: { code: "picture-broken" },
    });
  });

  it("that is too large is refused with its size", () => {
    const large = new Uint8Array(LARGEST_PICTURE + 100_000);
    large.set([0xff, 0xd8, 0xff]);
    const read = readPicture(large);
    expect(read.ok ? "" : read.problem.message).toBe("Expected a picture up to 1.5 MB, but it has 1.6 MB.");
  });
});
