import { describe, expect, it } from "vitest";
import { keepingJob, withJob } from "./fromJob.ts";
import { listQuery } from "./listQuery.ts";
import { numbered, upTo } from "./numbered.ts";
import { percent } from "./units/percent.ts";
import { pressure, pressureBoth, tension } from "./units/pull.ts";

const at = (query: string) => new Request(`http://127.0.0.1/cloths${query}`);

describe("search and page of an address", () => {
  it.each([
    ["", { search: "", page: 1 }],
    ["?q=%20heron%20&page=3", { search: "heron", page: 3 }],
    ["?page=0", { search: "", page: 1 }],
    ["?page=-2", { search: "", page: 1 }],
    ["?page=1.5", { search: "", page: 1 }],
    ["?page=9e99", { search: "", page: 1 }],
    ["?page=two", { search: "", page: 1 }],
  ])("%s is read as %j", (query, read) => expect(listQuery(at(query))).toEqual(read));

  it("is looked at up to a length no name has", () => {
    expect(listQuery(at(`?q=${"x".repeat(500)}`)).search).toHaveLength(120);
  });
});

describe("the job a page was opened from", () => {
  it.each([
    ["job=12", 12],
    ["", null],
    ["job=0", null],
    ["job=-1", null],
    ["job=1e3", null],
    ["job=12abc", null],
    [`job=${"9".repeat(16)}`, null],
  ])("%s is %s", (query, job) => expect(withJob(new URLSearchParams(query))).toBe(job));

  it("is kept in the next address", () => {
    expect(keepingJob("/cloths/3", at("?job=7&q=x"))).toBe("/cloths/3?job=7");
    expect(keepingJob("/cloths/3", at("?job=x"))).toBe("/cloths/3");
  });
});

it("numbers things from one", () => {
  expect(numbered([{ a: 1 }, { a: 2 }])).toEqual([
    { a: 1, number: 1 },
    { a: 2, number: 2 },
  ]);
  expect([upTo(3), upTo(0)]).toEqual([[1, 2, 3], []]);
});

describe("numbers as written", () => {
  it.each([
    [0.125, "12.5 %"],
    [-0.135, "−13.5 %"],
    [0, "0.0 %"],
    [-0.0001, "0.0 %"],
    [1.391, "139.1 %"],
  ])("the ratio %f is %s", (ratio, text) => expect(percent(ratio)).toBe(text));

  it("pulls and pressures have the places that can be read", () => {
    expect([tension(1.94), tension(99.94), tension(160.2)]).toEqual(["1.9 N/m", "99.9 N/m", "160 N/m"]);
    expect(pressure(0.284)).toBe("0.28 kPa");
    expect(pressureBoth(0.284)).toBe("0.28 kPa (2.1 mmHg)");
  });
});
