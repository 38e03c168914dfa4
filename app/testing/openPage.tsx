import { ThemeProvider } from "@mui/material/styles";
import { Window } from "happy-dom";
import type { ComponentType } from "react";
import { renderToString } from "react-dom/server";
import { createRoutesStub } from "react-router";
import type { Store } from "../../data/store.ts";
import { demoInMemory } from "../../data/testing/index.ts";
import App, { loader as rootLoader } from "../root.tsx";
import { theme } from "../theme/theme.ts";
import { onThisMachine, runMatched } from "./routeModules.ts";

type StubRoute = Parameters<typeof createRoutesStub>[0][number];

/** A page as the server draws it, to be read. */
export interface OpenedPage {
  /** All that is written on it, blanks drawn together; in one part of it, where that is named by its selector. */
  readonly text: (part?: string) => string;
  /** The rows of a table, cell by cell, its head first; found by its name. */
  readonly table: (name: string | RegExp) => string[][];
  /** What its headings say, in their order. */
  readonly headings: () => string[];
  /** Where its links lead, by what they say; of several alike the last. */
  readonly links: () => Readonly<Record<string, string>>;
  /** What stands in the fields of its forms, by their names; of choices what is chosen, of boxes those that are ticked. */
  readonly fields: () => Readonly<Record<string, string>>;
  /** What its buttons say; those that open a formula are its figures. */
  readonly buttons: () => string[];
  /** Its computed numbers as shown, by what they are called: what a click on each explains. */
  readonly figures: () => Readonly<Record<string, string>>;
  /** What is told of a term: the words beside it in a list of terms. */
  readonly terms: () => Readonly<Record<string, string>>;
}

/** A button that shows a number and opens its formula: `65.3 Waist, garment girth: show the formula`. */
const OPENS_FORMULA = /^(\S+(?: (?:cm|mm|in|%|N|kPa|N\/m|g|cm³|mmHg))?(?: \(half\))?) (.+): show the formula$/;

const written = (element: { readonly textContent: string | null } | null | undefined): string =>
  (element?.textContent ?? "").replace(/\s+/g, " ").trim();

/** What stands in a cell: of its figures the number alone, without the name they are explained by. */
const cellOf = (cell: { readonly textContent: string | null; querySelectorAll(selector: string): Iterable<unknown> }) =>
  ([...cell.querySelectorAll("button")] as { textContent: string | null }[])
    .map(written)
    .reduce((text, words) => text.replace(words, OPENS_FORMULA.exec(words)?.[1] ?? words), written(cell));

/** Draws the page at an address over a store, with the frame round it, as a browser without script gets it. */
export async function openPage(store: Store, address: string): Promise<OpenedPage> {
  const matched = await runMatched(store, address);
  const leaf = matched.reduceRight<StubRoute | null>(
    (inner, { id, path, module }) => ({
      id,
      path: path ?? "",
      Component: module.default as ComponentType,
      // Its data stands in the page already: a loader that is there keeps it from being left out.
      loader: () => null,
      ...(inner ? { children: [inner] } : {}),
    }),
    null,
  );
  const root = {
    id: "root",
    path: "",
    Component: App as ComponentType,
    loader: () => null,
    children: leaf ? [leaf] : [],
  };
  const loaderData = Object.fromEntries(matched.map(({ id, data }) => [id, data]));
  const context = await onThisMachine(store);
  const shown = await rootLoader({ request: new Request("http://127.0.0.1/"), context } as never);
  const Page = createRoutesStub([root as StubRoute]);
  const html = renderToString(
    <ThemeProvider theme={theme}>
      <Page initialEntries={[address]} hydrationData={{ loaderData: { ...loaderData, root: shown } }} />
    </ThemeProvider>,
  );
  const { document } = new Window();
  // Styles stand among what is drawn, in tables too, where a parser moves them about.
  document.body.innerHTML = html.replace(/<(style|script)\b.*?<\/\1>/gs, "");
  return reading(document);
}

function reading(document: Window["document"]): OpenedPage {
  const all = (selector: string) => [...document.querySelectorAll(selector)];
  const said = () => all("button").map((button) => written(button) || (button.getAttribute("aria-label") ?? ""));
  const labelled = (table: ReturnType<typeof all>[number]) =>
    table.getAttribute("aria-label") ??
    written(table.querySelector("caption") ?? document.getElementById(table.getAttribute("aria-labelledby") ?? ""));
  return {
    text: (part) => written(part ? document.querySelector(part) : document.body),
    headings: () => all("h1, h2, h3").map(written),
    buttons: () => said().filter((words) => !OPENS_FORMULA.test(words)),
    figures: () =>
      Object.fromEntries(
        said().flatMap((words) => {
          const [, shown = "", name = ""] = OPENS_FORMULA.exec(words) ?? [];
          return name ? [[name, shown]] : [];
        }),
      ),
    terms: () => Object.fromEntries(all("dt").map((term) => [written(term), written(term.nextElementSibling)])),
    links: () => Object.fromEntries(all("a[href]").map((link) => [written(link), link.getAttribute("href") ?? ""])),
    table(name) {
      const tables = all("table");
      const found = tables.find((table) => {
        const label = labelled(table);
        return typeof name === "string" ? label === name : name.test(label);
      });
      if (!found) throw new Error(`There is no table ${name}, but ${tables.map(labelled).join("; ")}.`);
      return [...found.querySelectorAll("tr")].map((row) => [...row.querySelectorAll("th, td")].map(cellOf));
    },
    fields() {
      const named = all("input[name], select[name], textarea[name]") as unknown as HTMLInputElement[];
      const set = named.filter(({ type, checked }) => (type !== "radio" && type !== "checkbox") || checked);
      return Object.fromEntries(set.map((field) => [field.name, chosenIn(field) ?? field.value]));
    },
  };
}

/** The option of a list that was sent as chosen: this browser chooses the one before it. Null for other fields. */
const chosenIn = (field: HTMLElement): string | null =>
  field.querySelector("option[selected]")?.getAttribute("value") ?? null;

let demo: Promise<Store> | null = null;

/** The demo workshop of this process, for tests that only read: opened with the first page. */
const demoToRead = (): Promise<Store> => {
  demo ??= demoInMemory();
  return demo;
};

/** A page of the demo workshop, drawn once for all tests of a file. */
export function demoPage(address: string): () => Promise<OpenedPage> {
  let page: Promise<OpenedPage> | null = null;
  return () => {
    page ??= demoToRead().then((store) => openPage(store, address));
    return page;
  };
}
