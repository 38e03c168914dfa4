import type { RouteConfigEntry } from "@react-router/dev/routes";
import routes from "../../app/routes.ts";
import { asData, ownHeaders, type PageForm, takesAway } from "./forms.ts";
import { type Chance, NASTY, one } from "./nasty.ts";

/** Every address of the application, as `routes.ts` has it: one that is added is among them without a word. */
export const PATTERNS: readonly string[] = (() => {
  const of = (entries: readonly RouteConfigEntry[], base: string): string[] =>
    entries.flatMap((entry) => {
      const at = entry.path === undefined ? base : `${base}/${entry.path}`;
      return [at || "/", ...of(entry.children ?? [], at)];
    });
  return [...new Set(of(routes, ""))];
})();

/** Files that importers are handed: cut short, of another kind, nested too deep, far too many. */
const FILES: readonly (readonly [name: string, type: string, content: string])[] = [
  ["empty.json", "application/json", ""],
  ["cut.json", "application/json", '{"format":"stenz.job","version":1,"job":{'],
  ["deep.json", "application/json", "[".repeat(20_000)],
  ["wrong.json", "application/json", '{"format":"stenz.job","version":999,"wearer":null}'],
  ["proto.json", "application/json", '{"__proto__":{"format":"stenz.job"},"constructor":1}'],
  ["rows.csv", "text/csv", 'size,bust\n36,84\n38,\u0000\n"open'],
  ["wide.csv", "text/csv", `${"a,".repeat(3000)}\n`],
  ["entity.svg", "image/svg+xml", '<!DOCTYPE s [<!ENTITY a "aaaa">]><svg><path d="M0 0 L 1e999 &a;"/></svg>'],
  ["path.svg", "image/svg+xml", '<svg width="10mm" viewBox="0 0 10 10"><path d="M0 0 C 1 2 3"/></svg>'],
  ["lines.dxf", "image/vnd.dxf", "0\nSECTION\n2\nENTITIES\n0\nPOLYLINE\n"],
  ["photo.png", "image/png", "\u0089PNG\r\n\u001a\n\u0000\u0000"],
  ["photo.jpg", "image/jpeg", "\u00ff\u00d8\u00ff\u00e0"],
];

/** One request in so many is of a page whole, as after a reload; the others are what a page in sight sends. */
const DOCUMENTS_EVERY = 12;

/** What takes as long as some hundred others: the whole workshop as files. */
const LONG = "/settings/everything";

/** One of all, by chance; of what is to be rare, one in so many of those it falls on is taken. */
function rarely<T>(all: readonly T[], isRare: (one: T) => boolean, every: number, chance: Chance): T {
  const first = one(all, chance);
  return isRare(first) && chance(every) !== 0 ? one(all, chance) : first;
}

/** The pattern of an address. */
const patternOf = (chance: Chance): string => rarely(PATTERNS, (pattern) => pattern === LONG, 10, chance);

/** An address as a page in sight asks at it, as a rule. */
const asked = (address: string, chance: Chance): string => (chance(DOCUMENTS_EVERY) === 0 ? address : asData(address));

/** An address of a pattern, with numbers that may be there, and now and then something else. */
function addressOf(pattern: string, chance: Chance): string {
  const path = pattern
    .replaceAll(/:(\w+)/g, () =>
      chance(4) === 0 ? encodeURIComponent(safe(one(NASTY, chance))) : String(1 + chance(13)),
    )
    .replace("*", encodeURIComponent(safe(one(NASTY, chance))));
  const query = chance(3) === 0 ? `?${new URLSearchParams({ [one(QUERIES, chance)]: safe(one(NASTY, chance)) })}` : "";
  return asked(`${path}${query}`, chance);
}

const QUERIES = [
  "q",
  "page",
  "kind",
  "order",
  "spot",
  "day",
  "of",
  "draw",
  "over",
  "a",
  "b",
  "wearer",
  "job",
  "layer",
  "paper",
  "_routes",
];

/** A text without half a character. */
const whole = (text: string): string => text.replaceAll(/\p{Surrogate}/gu, "\ufffd");

/** A text that an address can carry: half a character alone cannot. */
const safe = (text: string): string => whole(text).slice(0, 500);

/** A request as it is sent. */
interface Generated {
  readonly address: string;
  readonly init: RequestInit;
}

/** A form of those that were found. What takes something away is rare: the rest would soon have nothing to be about. */
const formOf = (forms: readonly PageForm[], chance: Chance): PageForm => rarely(forms, takesAway, 20, chance);

/** Fields of a form: as they stand, with one of them spoilt or left out, or many, or others put in. */
function spoilt(form: PageForm, chance: Chance): URLSearchParams {
  const fields = new URLSearchParams(form.fields);
  const names = [...fields.keys()];
  const spoil = (name: string) => (chance(2) === 0 ? fields.set(name, one(NASTY, chance)) : fields.delete(name));
  const how = chance(3);
  if (how === 0) return fields;
  if (how === 1 && names.length > 0) {
    spoil(one(names, chance));
    return fields;
  }
  for (const name of names) if (chance(3) === 0) spoil(name);
  if (chance(5) === 0)
    fields.set(
      one(["intent", "version", "working", "rows.0.x", "a[b]", "__proto__.x", "unit"], chance),
      one(NASTY, chance),
    );
  return fields;
}

/** The next request, by chance. */
export function generated(forms: readonly PageForm[], server: string, chance: Chance): Generated {
  const headers = ownHeaders(server);
  const kind = chance(10);
  if (kind < 3) return { address: addressOf(patternOf(chance), chance), init: {} };
  if (kind < 8 && forms.length > 0) {
    const form = formOf(forms, chance);
    const address = chance(8) === 0 ? addressOf(patternOf(chance), chance) : asked(form.address, chance);
    return { address, init: { method: "POST", headers, body: spoilt(form, chance) } };
  }
  if (kind === 8) {
    const body = new FormData();
    const [name, type, content] = one(FILES, chance);
    body.set(one(["file", "photo", "upload", "paths"], chance), new File([content], name, { type }));
    if (forms.length > 0) for (const [key, value] of spoilt(formOf(forms, chance), chance)) body.set(key, whole(value));
    return {
      address: one(TAKE_FILES, chance).replaceAll(":n", () => String(1 + chance(9))),
      init: { method: "POST", headers, body },
    };
  }
  const odd = one(
    ["application/json", "text/plain", "application/x-www-form-urlencoded", "multipart/form-data; boundary=x", "x/y"],
    chance,
  );
  const init = { method: "POST", headers: { ...headers, "Content-Type": odd }, body: safe(one(NASTY, chance)) };
  return { address: addressOf(patternOf(chance), chance), init };
}

/** Addresses that take files: those of all, by their pattern. */
const TAKE_FILES = PATTERNS.filter((pattern) => /import|photo|fitting|send|pieces|elastics|traced/.test(pattern)).map(
  (pattern) => pattern.replaceAll(/:\w+/g, ":n"),
);
