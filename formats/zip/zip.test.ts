import { buffer } from "node:stream/consumers";
import { describe, expect, it } from "vitest";
import { ZipFile } from "yazl";
import { ok } from "../../core/result.ts";
import { EVERYTHING_LIMITS, readZip, staysWithin, type ZipLimits } from "./readZip.ts";

const zipOf = async (files: Readonly<Record<string, Buffer>>): Promise<Buffer> => {
  const zip = new ZipFile();
  for (const [name, content] of Object.entries(files)) zip.addBuffer(content, name);
  zip.end();
  return buffer(zip.outputStream as NodeJS.ReadableStream);
};

/** What a ZIP is refused with; null where it is read. */
async function refusedWith(zip: Buffer, limits: Partial<ZipLimits> = {}): Promise<string | null> {
  const read = await readZip(zip, () => ok(null), { ...EVERYTHING_LIMITS, ...limits });
  return read.ok ? null : read.problem.code;
}

describe("a ZIP", () => {
  it("is read file by file, in its order", async () => {
    const names: string[] = [];
    const zip = await zipOf({ "b/one.txt": Buffer.from("1"), "a.txt": Buffer.from("2") });
    const read = await readZip(zip, ({ name, content }) => {
      names.push(`${name} ${content}`);
      return ok(null);
    });
    expect([read.ok, names]).toEqual([true, ["b/one.txt 1", "a.txt 2"]]);
  });

  it("that comes to far more than it is packed in is not unpacked", async () => {
    const bomb = await zipOf({ "tables/jobs.json": Buffer.alloc(60_000_000) });
    expect(bomb.length).toBeLessThan(100_000);
    expect(await refusedWith(bomb)).toBe("zip-too-large");
  });

  it("with too much, or too many, is refused before it is read", async () => {
    const zip = await zipOf({ a: Buffer.from("x".repeat(500)), b: Buffer.from("y".repeat(500)) });
    expect(await refusedWith(zip, { bytes: 900 })).toBe("zip-too-large");
    expect(await refusedWith(zip, { bytesEach: 400 })).toBe("zip-too-large");
    expect(await refusedWith(zip, { entries: 1 })).toBe("zip-too-many");
    expect(await refusedWith(zip)).toBeNull();
  });

  it("whose names climb out of their folder is refused", async () => {
    const zip = await zipOf({ "safe/name.txt": Buffer.from("x") });
    const climbing = Buffer.from(zip.toString("latin1").replaceAll("safe/name.txt", "../../up.html"), "latin1");
    expect(await refusedWith(climbing)).toMatch(/^zip-(climbs|unreadable)$/);
    expect(["a/b.txt", "..a/b", "a..b"].every(staysWithin)).toBe(true);
    for (const name of ["../a", "a/../../b", "/etc/passwd", "C:\\a", "a\\..\\b", "", "a\0b"])
      expect(staysWithin(name)).toBe(false);
  });

  it("that is cut short, changed or none is refused", async () => {
    const zip = await zipOf({ a: Buffer.from("what was measured ".repeat(50)) });
    expect(await refusedWith(zip.subarray(0, zip.length - 30))).toBe("zip-unreadable");
    expect(await refusedWith(Buffer.from("no ZIP at all"))).toBe("zip-unreadable");
    const turned = Buffer.from(zip);
    turned[45] = (turned[45] ?? 0) ^ 0xff;
    expect(await refusedWith(turned)).toBe("zip-unreadable");
  });
});
