import { describe, expect, it } from "vitest";
import { plainCell, writeCsv } from "./csv.ts";
import { readJson } from "./json.ts";

describe("a cell that a table program would take for an order", () => {
  it.each(["=1+1", "+cmd", "-cmd|x", "@sum", "\tx"])("%s is guarded, and read back as it was", (cell) => {
    const written = writeCsv([[cell]], { newline: "\n" });
    expect(written.replace(/^"|"?\n$/g, "").startsWith("'")).toBe(true);
    expect(plainCell(`'${cell}`)).toBe(cell);
  });

  it("is not a number, nor what only holds such a sign", () => {
    expect(writeCsv([["-12.5", -3, "a-b", "it's"]], { newline: "\n" })).toBe("-12.5,-3,a-b,it's\n");
    expect(plainCell("'tis")).toBe("'tis");
  });
});

describe("JSON", () => {
  it("is read with a byte-order mark before it", () => expect(readJson("\uFEFF[1]")).toEqual({ ok: true, value: [1] }));

  it("that goes too deep is refused before it is read; brackets in a text count nothing", () => {
    expect(readJson("[".repeat(100_000))).toMatchObject({ ok: false, problem: { code: "json-too-deep" } });
    expect(readJson(JSON.stringify(["[[[".repeat(99)])).ok).toBe(true);
  });

  it("that cannot be read says where, and repeats nothing of it", () => {
    const read = readJson('{"name": Thornbeck}');
    expect(read.ok ? "" : read.problem.message).toMatch(/^Expected JSON, but it cannot be read/);
    expect(JSON.stringify(read)).not.toContain("Thornbeck");
  });
});
