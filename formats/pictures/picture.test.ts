import sharp from "sharp";
import { describe, expect, it } from "vitest";
import { LARGEST_PICTURE, readPicture } from "./picture.ts";

const red = () => sharp({ create: { width: 64, height: 48, channels: 3, background: "#a03" } });
const exif = { IFD0: { ImageDescription: "taken at home", Copyright: "GPS 51.5N" } };
const jpeg = async () => new Uint8Array(await red().withExif(exif).jpeg().toBuffer());
const png = async () => new Uint8Array(await red().withExif(exif).png().toBuffer());
const text = (picture: Uint8Array) => Buffer.from(picture).toString("latin1");
const codeOf = async (bytes: Uint8Array) => {
  const read = await readPicture(bytes);
  return read.ok ? null : read.problem.code;
};

/** A PNG that claims to be so wide and high, in a few hundred bytes. */
function claiming(bytes: Uint8Array, width: number, height: number): Uint8Array {
  const copy = Buffer.from(bytes);
  copy.writeUInt32BE(width, 16);
  copy.writeUInt32BE(height, 20);
  return new Uint8Array(copy);
}

describe("a picture", () => {
  it.each([
    ["JPEG", jpeg, "image/jpeg"],
    ["PNG", png, "image/png"],
  ])("as %s is written anew without place and words, wherever they hid", async (_name, make, type) => {
    const given = await make();
    expect(text(given)).toMatch(/taken at home/);
    const hiding = new Uint8Array([...given, ...Buffer.from("words behind the end, GPS 51.5N")]);
    const read = await readPicture(hiding);
    if (!read.ok) throw new Error(read.problem.message);
    expect(read.value.type).toBe(type);
    expect(text(read.value.bytes)).not.toMatch(/GPS|home|words behind/);
    expect(await sharp(read.value.bytes).metadata()).toMatchObject({ width: 64, height: 48 });
  });

  it("is made smaller where it is larger than a seam needs", async () => {
    const wide = await sharp({ create: { width: 3000, height: 900, channels: 3, background: "#fff" } })
      .jpeg()
      .toBuffer();
    const read = await readPicture(new Uint8Array(wide));
    expect(read.ok && (await sharp(read.value.bytes).metadata())).toMatchObject({ width: 1600, height: 480 });
  });

  it("is known by its content, not by its name", async () => {
    expect(await codeOf(Buffer.from("<svg onload=alert(1)>"))).toBe("picture-unknown");
    expect(await codeOf(Buffer.from("GIF89a"))).toBe("picture-unknown");
    expect(await codeOf(new Uint8Array([0xff, 0xd8, 0xff, ...Buffer.from("<html>no picture</html>")]))).toBe(
      "picture-broken",
    );
  });

  it("that breaks off is refused", async () => {
    const whole = await png();
    expect(await codeOf(whole.subarray(0, whole.length / 2))).toBe("picture-broken");
  });

  it("that claims more pixels than anybody photographs is refused before it is decoded", async () => {
    expect(await codeOf(claiming(await png(), 50_000, 48_000))).toMatch(/picture-(too-large|broken)/);
  });

  it("that is too large is refused with its size", async () => {
    const large = new Uint8Array(LARGEST_PICTURE + 100_000);
    large.set([0xff, 0xd8, 0xff]);
    const read = await readPicture(large);
    expect(read.ok ? "" : read.problem.message).toBe("Expected a picture up to 15 MB, but it has 15.1 MB.");
  });
});
