import { copyFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import Database from "better-sqlite3";
import { PAGES } from "../../app/testing/demoPages.ts";
import { formsAt, kindOf, type PageForm, post, takesAway } from "./forms.ts";
import { chanceOf } from "./options.ts";
import { demoAt, type SoakServer, startSoaked } from "./server.ts";

/** What killing a server while it writes has come to. */
export interface KillCounts {
  kills: number;
  /** Writes whose answer said that they are kept. */
  acknowledged: number;
  /** Writes that were answered with what is wrong with them. */
  refused: number;
  /** Requests that were cut off: nobody was told that they are kept. */
  cut: number;
  /** Acknowledged writes that were gone afterwards. */
  lost: number;
  /** Files that were not whole afterwards. */
  torn: number;
  /** How often each kind of action was acknowledged. */
  kinds: Record<string, number>;
}

/** Before the first. */
export const noKills = (): KillCounts => ({
  ...{ kills: 0, acknowledged: 0, refused: 0, cut: 0, lost: 0, torn: 0 },
  kinds: {},
});

/** What a round of killing works with. */
export interface Killing {
  readonly folder: string;
  readonly seed: number;
  readonly counts: KillCounts;
  readonly say: (words: string) => void;
}

/** So many kills, and the workshop begins anew: what was erased by then would leave ever less to write. */
const ANEW_EVERY = 20;

/** A server is killed so long after its first acknowledgement at the latest, ms. */
const WITHIN_MS = 1500;

/** So many forms of a page are sent, one after the other. */
const FORMS_A_PAGE = 4;

/** How long the first answer of a round is waited for, ms. */
const PATIENCE_MS = 20_000;

/**
 * Starts a server on the demo workshop, sends the forms of its pages as they stand there, kills it at a moment of chance, and looks
 * whether the file is whole and holds what was acknowledged; so often.
 */
export async function killAgain(
  { folder, seed, counts, say }: Killing,
  until: number,
  each: () => void,
): Promise<void> {
  const chance = chanceOf(seed + counts.kills);
  const [template, live] = [join(folder, "template.sqlite"), join(folder, "live.sqlite")];
  await demoAt(template);
  /** The text that was acknowledged last in each place: what comes later there takes its place. */
  let standing = new Map<string, string>();
  /** Texts that were sent and not answered: each may be kept or not. */
  let flying = new Map<string, Set<string>>();
  const marker = () => `kept-${seed}-${counts.kills}-${chance(1_000_000_000)}`;

  while (counts.kills < until) {
    if (counts.kills % ANEW_EVERY === 0 || standing.size === 0) {
      for (const ending of ["", "-wal", "-shm"]) rmSync(live + ending, { force: true });
      copyFileSync(template, live);
      standing = new Map();
    }
    flying = new Map();
    const server = await startSoaked(live);
    const writing = [write(server), write(server)];
    const before = counts.acknowledged;
    // A server just started takes its time for the first answer: a kill before it would show nothing.
    const patience = Date.now() + PATIENCE_MS;
    while (counts.acknowledged === before && Date.now() < patience)
      await new Promise((resolve) => setTimeout(resolve, 10));
    await new Promise((resolve) => setTimeout(resolve, chance(WITHIN_MS)));
    await server.kill();
    await Promise.all(writing);
    look();
    counts.kills += 1;
    each();
  }

  /** Sends one form after the other until the server is gone. */
  async function write(server: SoakServer): Promise<void> {
    while (server.alive()) {
      try {
        if (chance(4) === 0) await keepDraft(server);
        else await sendForms(server);
      } catch (cause) {
        if (!isCutOff(cause)) throw cause;
        counts.cut += 1;
        await new Promise((resolve) => setTimeout(resolve, 5));
      }
    }
  }

  async function keepDraft(server: SoakServer): Promise<void> {
    // A form there is none of: nothing but the next draft takes the place of this one.
    const place = `working:${1 + chance(9)}:soaked`;
    const text = marker();
    const form = { address: "/drafts", fields: { draftForm: place, note: text } };
    await send(server, { place, kind: "draft", form, text });
  }

  async function sendForms(server: SoakServer): Promise<void> {
    const forms = await formsAt(server.address, PAGES[chance(PAGES.length)] ?? "/");
    for (let sent = 0; sent < FORMS_A_PAGE && forms.length > 0; sent += 1) {
      const [form] = forms.splice(chance(forms.length), 1);
      if (form) await sendForm(server, form);
    }
  }

  async function sendForm(server: SoakServer, form: PageForm): Promise<void> {
    const [free] = form.free;
    const kind = kindOf(form);
    if (takesAway(form)) return takeAway(server, form, kind);
    const text = marker();
    const marked: PageForm = free === undefined ? form : { ...form, fields: { ...form.fields, [free]: text } };
    await send(server, {
      place: `${form.address} ${free ?? ""}`,
      kind,
      form: marked,
      text: free === undefined ? null : text,
    });
  }

  /** What is taken away takes with it whatever was written there: before it was sent, and while it was on its way. */
  async function takeAway(server: SoakServer, form: PageForm, kind: string): Promise<void> {
    try {
      await send(server, { place: form.address, kind, form, text: null });
    } finally {
      standing.clear();
    }
  }

  async function send(server: SoakServer, { place, kind, form, text }: Sent): Promise<void> {
    const sent = flying.get(place) ?? new Set();
    flying.set(place, sent);
    if (text !== null) sent.add(text);
    const response = await post(server.address, form);
    if (text !== null) sent.delete(text);
    note(placeAfter(form.address, place, response), kind, response, text);
    await response.body?.cancel();
  }

  /** Notes what was acknowledged: a redirect, or that it is kept. What was refused keeps nothing. */
  function note(place: string, kind: string, response: Response, text: string | null): void {
    if (response.status >= 400) {
      counts.refused += 1;
      return;
    }
    counts.acknowledged += 1;
    counts.kinds[kind] = (counts.kinds[kind] ?? 0) + 1;
    if (text !== null) standing.set(place, text);
  }

  function look(): void {
    const db = new Database(live);
    try {
      const whole = db.pragma("integrity_check(1)", { simple: true }) === "ok";
      if (!whole || (db.pragma("foreign_key_check") as unknown[]).length > 0) counts.torn += 1;
      const all = allText(db);
      for (const [place, text] of standing) {
        if (all.includes(text)) continue;
        standing.delete(place);
        // One that was kept in the same place while its answer was cut off took its place.
        if ([...(flying.get(place) ?? [])].some((one) => all.includes(one))) continue;
        counts.lost += 1;
        say(`Lost by kill ${counts.kills + 1}: ${place}: ${text}`);
      }
    } finally {
      db.close();
    }
  }
}

/** One sending, with the place its text stands in. */
interface Sent {
  readonly place: string;
  readonly kind: string;
  readonly form: Pick<PageForm, "address" | "fields">;
  readonly text: string | null;
}

/** The place of a text that was sent along: of the record that was made with it, where one was. There it may be written over. */
function placeAfter(address: string, place: string, response: Response): string {
  const [path = ""] = (response.headers.get("Location") ?? "").split("?");
  const list = address.replace(/\/new$/, "");
  return path.startsWith(`${list}/`) && /^\d+$/.test(path.slice(list.length + 1))
    ? path + place.slice(address.length)
    : place;
}

/** True where a request ended with the server: before its answer began, or amid it. */
const isCutOff = (cause: unknown): boolean =>
  cause instanceof TypeError && ["fetch failed", "terminated"].includes(cause.message);

/** Every text of every row, as one. */
function allText(db: Database.Database): string {
  const tables = db
    .prepare("select name from sqlite_master where type = 'table' and sql not like '%virtual%'")
    .pluck()
    .all() as string[];
  return tables
    .flatMap((table) => db.prepare(`select * from "${table}"`).all() as Record<string, unknown>[])
    .flatMap((row) => Object.values(row).filter((value) => typeof value === "string"))
    .join("\n");
}
