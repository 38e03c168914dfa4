import { existsSync, readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";

const ROOT = join(import.meta.dirname, "..");
const DOCUMENTS = [
  "README.md",
  ...readdirSync(join(ROOT, "docs"), { recursive: true })
    .map(String)
    .filter((name) => name.endsWith(".md"))
    .map((name) => join("docs", name)),
];

/** Places of the house as the documents name them, folders and files; what stands for several is not looked at. */
const PLACE = /`((?:core|data|formats|app|scripts|e2e)\/[\w./-]+)`/g;

describe("what the documents name", () => {
  it.each(DOCUMENTS)("%s names places that are there", (document) => {
    const text = readFileSync(join(ROOT, document), "utf8");
    const gone = [...text.matchAll(PLACE)]
      .map(([, place]) => place ?? "")
      .filter((place) => !existsSync(join(ROOT, place)));
    expect(gone).toEqual([]);
  });

  it("tells of every package that is taken in, and of none that is not", () => {
    const { dependencies, devDependencies } = JSON.parse(readFileSync(join(ROOT, "package.json"), "utf8"));
    const tables = readFileSync(join(ROOT, "docs/dependencies.md"), "utf8").split("## Written here")[0] ?? "";
    const told = [...tables.matchAll(/^\| (`[^|]+)\|/gm)].flatMap(([, cell = ""]) =>
      [...cell.matchAll(/`([^`]+)`/g)].map(([, name]) => name),
    );
    expect(told.toSorted()).toEqual(Object.keys({ ...dependencies, ...devDependencies }).toSorted());
  });

  it("has the way of a girth in at most 25 files, each of them there", () => {
    const text = readFileSync(join(ROOT, "docs/architecture.md"), "utf8");
    const way = [...text.slice(text.indexOf("## A girth's way")).matchAll(PLACE)].map(([, place]) => place);
    expect(new Set(way).size).toBe(way.length);
    expect(way.length).toBeLessThanOrEqual(25);
    expect(way.length).toBeGreaterThan(20);
  });
});
