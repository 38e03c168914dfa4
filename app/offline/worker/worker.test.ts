import "fake-indexeddb/auto";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { FakeCaches, KEPT_AT } from "../../testing/fakeCaches.ts";
import { KEPT_UNDER, NOBODY, PAGES } from "../keptPages.ts";

/** What the server answers to a path; a path without one is a server that does not answer. */
let served: Map<string, Response>;
let stores: FakeCaches;
/** Pages that were told that what is kept came instead. */
let told: { id: string; opening: boolean; madeAt: string | null }[];

beforeEach(() => {
  [served, stores, told] = [new Map(), new FakeCaches(), []];
  vi.stubGlobal("caches", stores);
  vi.stubGlobal("self", globalThis);
  vi.stubGlobal("location", new URL(KEPT_AT));
  vi.stubGlobal("FetchEvent", class {});
  vi.stubGlobal("registration", { scope: `${KEPT_AT}/` });
  vi.stubGlobal("fetch", async (request: Request | string) => {
    const answer = served.get(new URL(request instanceof Request ? request.url : request, KEPT_AT).pathname);
    if (!answer) throw new TypeError("Failed to fetch");
    return answer.clone();
  });
  return () => vi.unstubAllGlobals();
});

const page = (body: string, under = "eyes", headers: Record<string, string> = {}) =>
  new Response(body, {
    headers: { "Content-Type": "text/html", Date: "Fri, 27 Nov 2026 10:00:00 GMT", [KEPT_UNDER]: under, ...headers },
  });

/** An event as the browser hands one over, that waits for what is begun under it. */
function event(own: object = {}) {
  const waited: Promise<unknown>[] = [];
  return {
    ended: () => Promise.all(waited),
    as: { waitUntil: (work: Promise<unknown>) => void waited.push(work), ...own } as unknown as ExtendableEvent,
  };
}

async function workerPages() {
  const { keptPagesOf } = await import("./pages.ts");
  return keptPagesOf({ onKept: (page, madeAt) => void told.push({ ...page, madeAt }) });
}
type Pages = Awaited<ReturnType<typeof workerPages>>;

/** Opens an address as a window does. */
async function open(pages: Pages, path: string): Promise<Response> {
  const request = new Request(`${KEPT_AT}${path}`);
  // No request made by a script says that it opens a window.
  Object.defineProperty(request, "mode", { value: "navigate" });
  const { as, ended } = event({ resultingClientId: "window", clientId: "" });
  const response = await pages.answer(request, as);
  await ended();
  return response;
}

const keptPaths = async () =>
  (await (await stores.open(PAGES)).keys())
    .map(({ url }) => new URL(url).pathname)
    .filter((path) => path !== "/kept-under");

describe("the pages of a device", () => {
  it("come from the server while it answers, and from what is kept where it does not", async () => {
    const pages = await workerPages();
    served.set("/jobs/1", page("first"));
    expect(await (await open(pages, "/jobs/1")).text()).toBe("first");
    served.set("/jobs/1", page("second"));
    expect(await (await open(pages, "/jobs/1")).text()).toBe("second");
    expect(told).toEqual([]);
    served.clear();
    expect(await (await open(pages, "/jobs/1")).text()).toBe("second");
    expect(told).toEqual([{ id: "window", opening: true, madeAt: "2026-11-27T10:00:00.000Z" }]);
  });

  it("lead to the page that says so where nothing is kept, with the address that was asked for", async () => {
    const pages = await workerPages();
    const response = await open(pages, "/jobs/3/wear?view=back");
    expect(response.headers.get("Location")).toBe(`${KEPT_AT}/without-network#/jobs/3/wear?view=back`);
    expect(told).toEqual([{ id: "window", opening: true, madeAt: null }]);
  });

  it("are kept only where they are pages of jobs, whole, and no file one takes away", async () => {
    const pages = await workerPages();
    served.set("/wearers", page("people"));
    served.set("/jobs/1/changes/pdf", page("%PDF", "eyes", { "Content-Type": "application/pdf" }));
    served.set(
      "/jobs/9",
      new Response("gone", { status: 404, headers: { [KEPT_UNDER]: "eyes", "Content-Type": "text/html" } }),
    );
    served.set("/jobs/1/body", page("body"));
    for (const path of served.keys()) await open(pages, path);
    expect(await keptPaths()).toEqual(["/jobs/1/body"]);
  });

  it("are all dropped once they stand under something else: another device's eyes, an erasure, nobody", async () => {
    const pages = await workerPages();
    served.set("/jobs/1", page("one"));
    await open(pages, "/jobs/1");
    served.set("/wearers", page("people", "eyes after an erasure"));
    await open(pages, "/wearers");
    expect(await keptPaths()).toEqual([]);
    served.set("/jobs/1", page("one", "eyes after an erasure"));
    await open(pages, "/jobs/1");
    expect(await keptPaths()).toEqual(["/jobs/1"]);
    served.set("/sign-in", page("sign in", NOBODY));
    await open(pages, "/sign-in");
    expect(await stores.has(PAGES)).toBe(false);
  });

  it("are fetched whole when asked, so that one reached by its data comes up by itself", async () => {
    const pages = await workerPages();
    served.set("/jobs/2", page("two"));
    const { as, ended } = event();
    await pages.keep(`${KEPT_AT}/jobs/2`, as);
    await ended();
    expect(await keptPaths()).toEqual(["/jobs/2"]);
    served.clear();
    await pages.keep(`${KEPT_AT}/jobs/2`, as);
    expect(await keptPaths()).toEqual(["/jobs/2"]);
  });

  it("leave alone what is sent, and what is no page", async () => {
    const pages = await workerPages();
    const asks = (path: string, init: RequestInit = {}) => {
      const request = new Request(`${KEPT_AT}${path}`, init);
      return pages.isOne(request, new URL(request.url));
    };
    expect(asks("/jobs/1.data")).toBe(true);
    expect(asks("/jobs/1.data", { method: "POST" })).toBe(false);
    expect(asks("/gauge/live")).toBe(false);
  });
});

describe("the shell", () => {
  const install = async (build: string, path: string) => {
    const { shellOf } = await import("./shell.ts");
    const shell = shellOf(build, [{ url: path, revision: null }]);
    await shell.install(event({ type: "install" }).as);
    await shell.activate(event({ type: "activate" }).as);
    return shell;
  };

  it("keeps its files and the page without a network; those of the build before stay for windows it still serves", async () => {
    served.set("/without-network", page("without"));
    for (const name of ["a", "b", "c"]) served.set(`/assets/${name}.js`, page(name));
    await install("one", "/assets/a.js");
    const two = await install("two", "/assets/b.js");
    served.clear();
    const file = (shell: typeof two, path: string) =>
      shell.file(new Request(`${KEPT_AT}${path}`)).then((one) => one.text());
    expect(await file(two, "/assets/b.js")).toBe("b");
    expect(await file(two, "/assets/a.js")).toBe("a");
    expect(await (await two.withoutNetwork()).text()).toBe("without");
    served.set("/without-network", page("without"));
    served.set("/assets/c.js", page("c"));
    const three = await install("three", "/assets/c.js");
    served.clear();
    expect((await stores.keys()).filter((name) => name.startsWith("stenz-shell-"))).toEqual([
      "stenz-shell-two",
      "stenz-shell-three",
    ]);
    await expect(file(three, "/assets/a.js")).rejects.toThrow("Failed to fetch");
    expect([three.holds("/assets/x.js"), three.holds("/base-0a1b.css"), three.holds("/jobs/1")]).toEqual([
      true,
      true,
      false,
    ]);
  });
});
