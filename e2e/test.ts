import AxeBuilder from "@axe-core/playwright";
import { type Browser, type BrowserContext, test as base, expect, type Locator, type Page } from "@playwright/test";
import { type DemoServer, startDemo } from "./server.ts";

/** The profile that all tests of a worker browse with, one after the other. */
interface Profile {
  readonly context: BrowserContext;
  /** A page that stays open: with it stays its process, and every script that was compiled there. */
  readonly keeper: Page;
}

interface WorkerFixtures {
  /** The demo server of this worker, which runs one test after the other. */
  readonly server: DemoServer;
  readonly profile: Profile;
}

interface Fixtures {
  /** Address of the demo workshop, as it is shipped when the test begins. */
  readonly demo: string;
  /** True for tests that take the network away: the browser then complains of what it could not load. */
  readonly networkTaken: boolean;
  /** True for tests that change the profile past restoring, as by another clock: they get one of their own. */
  readonly ownProfile: boolean;
  /** True for tests of what a browser keeps for itself; it takes a profile of its own. Elsewhere every test would fetch the whole shell. */
  readonly keepsPages: boolean;
}

/**
 * A test with the demo workshop as it is shipped and a console that must stay clean: any error or warning in the browser, and
 * anything unexpected in the server's log, fails the test.
 */
export const test = base.extend<Fixtures, WorkerFixtures>({
  networkTaken: [false, { option: true }],
  ownProfile: [false, { option: true }],
  keepsPages: [false, { option: true }],
  server: [
    // biome-ignore lint/correctness/noEmptyPattern: Playwright reads which fixtures are needed from this pattern.
    async ({}, use) => {
      const server = await startDemo();
      await use(server);
      await server.stop();
    },
    { scope: "worker" },
  ],
  demo: async ({ server }, use) => {
    await use(await server.open());
    await server.close();
    expect(server.output()).not.toMatch(/\[[2-9A-Z]{8}\]/);
  },
  profile: [
    async ({ browser, server }, use) => {
      const context = await opened(browser, server.address);
      const keeper = await context.newPage();
      await keeper.route("**", (route) => route.fulfill({ contentType: "text/html", body: "<body data-hydrated>" }));
      await keeper.goto("/kept-open");
      await use({ context, keeper });
      await context.close();
    },
    { scope: "worker" },
  ],
  context: async ({ browser, demo, profile, ownProfile, keepsPages }, use) => {
    const own = ownProfile || keepsPages ? await opened(browser, demo, keepsPages) : null;
    await use(own ?? profile.context);
    await (own?.close() ?? restored(profile, demo));
  },
  baseURL: async ({ demo }, use) => use(demo),
  page: async ({ page, networkTaken }, use) => {
    const complaints: string[] = [];
    page.on("console", (message) => {
      if (message.type() === "error" || message.type() === "warning") complaints.push(message.text());
    });
    page.on("pageerror", (error) => complaints.push(error.message));
    await use(page);
    const unforeseen = complaints.filter(
      (text) =>
        !/the server responded with a status of 4\d\d/.test(text) &&
        !SOFTWARE_DRAWING.test(text) &&
        !KEPT_OUT.test(text),
    );
    const lost =
      /net::ERR_(INTERNET_DISCONNECTED|CONNECTION_RESET|CONNECTION_REFUSED|FAILED)|^Failed to fetch manifest patches/;
    expect(unforeseen.filter((text) => !(networkTaken && lost.test(text)))).toEqual([]);
  },
});

/** What the browser says of its own drawing in space where there is no hardware for it: that it is slow. */
const SOFTWARE_DRAWING = /^\[\.WebGL-\w+\]GL Driver Message \(OpenGL, Performance,/;

/** What the test runner says of a service worker that it keeps out. */
const KEPT_OUT = /^Service Worker registration blocked by Playwright$/;

/** A profile as every test expects it: a window of 1280 by 800, without what moves. */
async function opened(browser: Browser, address: string, keepsPages = false): Promise<BrowserContext> {
  const context = await browser.newContext({
    baseURL: address,
    viewport: { width: 1280, height: 800 },
    locale: "en-GB",
    reducedMotion: "reduce",
    serviceWorkers: keepsPages ? "allow" : "block",
  });
  context.on("page", waitForScript);
  return context;
}

/** Leaves a profile as new: its other pages closed, the network back, and nothing kept by the workshop's address. */
async function restored({ context, keeper }: Profile, address: string): Promise<void> {
  await context.setOffline(false);
  await context.unrouteAll();
  await Promise.all(context.pages().map((page) => (page === keeper ? null : page.close())));
  const tools = await context.newCDPSession(keeper);
  await tools.send("Storage.clearDataForOrigin", { origin: address, storageTypes: "all" });
  await tools.detach();
}

/** Makes a page wait for its script whenever it is opened: keys pressed before would go nowhere. */
function waitForScript(page: Page): void {
  for (const open of ["goto", "reload"] as const) {
    const opened = page[open].bind(page) as (...given: unknown[]) => Promise<null>;
    page[open] = async (...given: unknown[]) => {
      const response = await opened(...given);
      await page.locator("body[data-hydrated]").waitFor({ state: "attached" });
      return response;
    };
  }
}

export { expect };

/** Waits until a half-filled form that holds a text was kept. */
export async function kept(page: Page, text: string, field: Locator): Promise<void> {
  const saved = page.waitForResponse(
    (response) =>
      response.url().endsWith("/drafts") &&
      response.ok() &&
      [...new URLSearchParams(response.request().postData() ?? "").values()].includes(text),
  );
  await field.fill(text);
  await saved;
}

/** Looks for serious faults of accessibility on the page as it stands; by some rules only, where they are named. */
export async function expectAccessible(page: Page, rules: readonly string[] = []): Promise<void> {
  // What stands in the page from the look before is not sent and read again.
  const there = await page.evaluate(() => "axe" in window);
  // Only what is wrong is named, and in the page itself: no page of ours has frames, and what would look through them in a
  // page of its own takes four times as long.
  const looking = new AxeBuilder({ page, ...(there ? { axeSource: "void 0" } : {}) })
    .options({ resultTypes: ["violations"], selectors: false })
    .setLegacyMode();
  if (rules.length > 0) looking.withRules([...rules]);
  const { violations } = await looking.analyze();
  const serious = violations.filter(({ impact }) => impact === "serious" || impact === "critical");
  expect(serious.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(" | ")}`)).toEqual(
    [],
  );
}

/** Picks an answer of a choice by its words. */
export const pick = (page: Page, legend: string, answer: string) =>
  page.getByRole("group", { name: legend }).getByRole("radio", { name: answer, exact: true }).check();
