import { describe, expect, it } from "vitest";
import { placeWithin } from "./placeWithin.ts";

const OURS = "https://bench.local:4174";

/** Where a browser goes by a `Location` that an answer of ours has. */
const origin = (place: string): string => new URL(place, `${OURS}/sign-in`).origin;

describe("where it goes on to after signing in", () => {
  it.each([
    ["/", "/"],
    ["/jobs/1", "/jobs/1"],
    ["/jobs/1?zone=waist", "/jobs/1?zone=waist"],
    ["/jobs/1?back=//elsewhere.example", "/jobs/1?back=//elsewhere.example"],
    ["/care#stop", "/care#stop"],
    ["/jobs/../wearers", "/wearers"],
    ["/jobs/%2e%2e/wearers", "/wearers"],
    ["/jobs//1", "/jobs//1"],
    ["/jobs/é", "/jobs/%C3%A9"],
  ])("%s is %s", (to, place) => expect(placeWithin(to)).toBe(place));

  // Everything that has been used to lead away: by another scheme, by dots and slashes that fold together, by signs a browser drops.
  it.each([
    ...["", " ", "jobs/1", "?a", "#a", ".", "./jobs", "../jobs", "\\jobs", " /jobs", "\u0000/jobs"],
    ...[
      "https://elsewhere.example",
      "HTTPS:elsewhere.example",
      "https:/elsewhere.example",
      "https:\\\\elsewhere.example",
    ],
    ...["//elsewhere.example/", "///elsewhere.example", "////elsewhere.example", "//elsewhere.example@bench.local"],
    ...[
      "/\\elsewhere.example",
      "\\\\elsewhere.example",
      "/\\/elsewhere.example",
      "\\/elsewhere.example",
      "/\\\\elsewhere",
    ],
    ...[
      "/\t/elsewhere.example",
      "/\n/elsewhere.example",
      "/\r\n/elsewhere.example",
      "/\t\\elsewhere.example",
      "\t//elsewhere",
    ],
    ...["/.//elsewhere.example", "/./\\elsewhere.example", "/.\\/elsewhere.example", "/.//\\elsewhere.example"],
    ...["/%2e//elsewhere.example", "/%2E//elsewhere.example", "/%2e/\\elsewhere.example", "/.%2f/../..//elsewhere"],
    ...[
      "/x/..//elsewhere.example",
      "/x/../\\elsewhere.example",
      "/x/%2e%2e//elsewhere.example",
      "/x/.%2E//elsewhere.example",
    ],
    ...[
      "/..//elsewhere.example",
      "/../..//elsewhere.example",
      "/x/y/../..//elsewhere.example",
      "/.\t//elsewhere.example",
    ],
    ...[
      "javascript:alert(1)",
      "data:text/html,x",
      "mailto:a@b.example",
      "file:///etc/passwd",
      "http:",
      "//",
      "///",
      "/\\",
    ],
    ...["//[", "//:0", "//elsewhere.example:99999", "http://here.invalid/jobs", "/.//here.invalid/jobs"],
  ])("%j is the front page", (to) => expect(placeWithin(to)).toBe("/"));

  it.each([
    "/.//a",
    "/x/..//a",
    "/%2e/%2e//a",
    "/a\\..\\..\\\\b",
    "/\u00a0//a",
    "/a?\n//b",
    "/;//a",
    "/%2f/a",
    "/%5c/a",
    "/@a",
  ])("%j stays here, whatever becomes of it", (to) => expect(origin(placeWithin(to))).toBe(OURS));
});
