import { beforeAll, describe, expect, it } from "vitest";
import { type AccessStore, openAccess, type Role } from "../../../data/access/index.ts";
import type { Store } from "../../../data/store.ts";
import { demoInMemory } from "../../../data/testing/index.ts";
import { ALL_ROUTES, served } from "../../testing/served.ts";
import { AT_THE_MACHINE, allowedTo, FOR_ANYBODY, OF_A_JOB, PERMITTED } from "./permitted.ts";

const ORIGIN = "http://192.0.2.1:4174";

let [store, access] = [null as unknown as Store, null as unknown as AccessStore];
beforeAll(async () => {
  store = await demoInMemory();
  access = await openAccess(":memory:");
  return async () => {
    await store.close();
    await access.close();
  };
});

/** Patterns that lead to something, each once. */
const PATTERNS = [...new Set(ALL_ROUTES.map(({ pattern }) => pattern))];

const VALUES: Readonly<Record<string, string>> = {
  ...{
    jobId: "1",
    number: "1",
    wearerId: "1",
    clothId: "1",
    sheetId: "1",
    layout: "json",
    recipe: "ownPieces",
    file: "csv",
  },
  ...{
    cloth: "shellLayout",
    trial: "1",
    photoId: "1",
    testId: "1",
    layupId: "1",
    chartId: "1",
    styleId: "brief",
    wrapId: "1",
  },
};

/** An address of a pattern; of a job where another is asked for. */
const addressOf = (pattern: string, jobId = "1"): string =>
  pattern
    .replaceAll(/:(\w+)/g, (_all, name: string) => (name === "jobId" ? jobId : (VALUES[name] ?? "1")))
    .replace("/*", "/nowhere");

const ask = (path: string, { method = "GET", cookie = "", machine = false } = {}) =>
  served(
    new Request(`${ORIGIN}${path}`, {
      method,
      headers: { ...(cookie ? { Cookie: cookie } : {}), Origin: ORIGIN, Host: "192.0.2.1:4174" },
      ...(method === "POST" ? { body: new URLSearchParams({ intent: "none" }) } : {}),
    }),
    { store, access, machine },
  );

/** The same place as it is asked for by a page that is open. */
const asData = (path: string): string => (path === "/" ? "/_.data" : `${path}.data`);

/** A browser that was let in, as the header it sends. */
async function deviceOf(role: Role, jobs: readonly string[] = []): Promise<string> {
  const token = await access.devices.add({ name: role, role, jobs }, new Date());
  const { createCookie } = await import("react-router");
  const header = await createCookie("stenz-device").serialize(token);
  return header.split(";")[0] ?? "";
}

/** True where the answer is the way to sign in, or that nobody is. */
async function isShut(response: Response): Promise<boolean> {
  if (response.status === 401) return true;
  const body = response.status === 202 || response.status === 200 ? await response.clone().text() : "";
  return (response.headers.get("Location") ?? body).includes("/sign-in?to=");
}

describe("without a session", () => {
  it.each(PATTERNS)("%s shows nothing and takes nothing", async (pattern) => {
    const open = FOR_ANYBODY.includes(pattern);
    const path = addressOf(pattern);
    for (const asked of [path, asData(path)]) {
      expect(await isShut(await ask(asked)), `GET ${asked}`).toBe(!open);
      const posted = await ask(asked, { method: "POST" });
      if (!open) expect(posted.status, `POST ${asked}`).toBe(401);
    }
  });

  it("a secret that is nobody's is none", async () => {
    expect(await isShut(await ask("/wearers", { cookie: "stenz-device=ImFiYyI%3D" }))).toBe(true);
  });

  it("a page goes on to where it was asked for", async () => {
    const response = await ask("/jobs/1/ease?zone=waist");
    expect(response.headers.get("Location")).toBe("/sign-in?to=%2Fjobs%2F1%2Fease%3Fzone%3Dwaist");
  });
});

describe.each(["look", "fittings"] as const)("a device that is for %s", (role) => {
  let cookie = "";
  beforeAll(async () => {
    cookie = await deviceOf(role, [await store.identities.of("jobs", 1)]);
  });

  it.each(PATTERNS.filter((pattern) => !FOR_ANYBODY.includes(pattern)))(
    "is let to %s as its role says",
    async (pattern) => {
      const allowed = allowedTo(role, pattern);
      const path = addressOf(pattern);
      for (const asked of [path, asData(path)]) {
        // The bench of a device for fittings is its own list.
        if (role === "fittings" && pattern === "/") continue;
        expect((await ask(asked, { cookie })).status === 403, `GET ${asked}`).toBe(allowed === null);
        // Of others than its own nothing is written here: what is refused is refused before any action runs.
        if (allowed !== "write")
          expect((await ask(asked, { method: "POST", cookie })).status, `POST ${asked}`).toBe(403);
      }
    },
  );
});

describe("a device for fittings", () => {
  it("reaches no page of a job that is not its own, nor whether there is one", async () => {
    const cookie = await deviceOf("fittings", [await store.identities.of("jobs", 1)]);
    const ofJobs = PATTERNS.filter((pattern) => OF_A_JOB.test(pattern));
    expect(ofJobs.length).toBeGreaterThan(30);
    for (const pattern of ofJobs)
      for (const [jobId, method] of [
        ["2", "GET"],
        ["999", "GET"],
        ["2", "POST"],
        ["1e0", "GET"],
      ] as const)
        expect((await ask(addressOf(pattern, jobId), { method, cookie })).status, `${method} ${pattern} ${jobId}`).toBe(
          403,
        );
  });

  it("keeps half-filled forms of its own jobs alone", async () => {
    const cookie = await deviceOf("fittings", [await store.identities.of("jobs", 1)]);
    const keep = (draftForm: string) =>
      served(
        new Request(`${ORIGIN}/drafts`, {
          method: "POST",
          headers: { Cookie: cookie },
          body: new URLSearchParams({ draftForm, note: "tight" }),
        }),
        { store, access },
      );
    expect((await keep("working:1:trunk")).status).toBe(200);
    expect((await keep("working:2:trunk")).status).toBe(403);
    expect((await keep("wearer:1")).status).toBe(403);
    expect((await keep("settings")).status).toBe(403);
  });
});

describe("the whole workshop", () => {
  it("is open to a device that was let into it, but for who is let in", async () => {
    const cookie = await deviceOf("whole");
    expect((await ask("/wearers", { cookie })).status).toBe(200);
    expect((await ask("/jobs/1/record/json", { cookie })).status).toBe(200);
    for (const path of AT_THE_MACHINE) {
      expect((await ask(path, { cookie })).status).toBe(403);
      expect((await ask(asData(path), { method: "POST", cookie })).status).toBe(403);
    }
  });

  it("asks nothing at the machine itself", async () => {
    expect((await ask("/wearers", { machine: true })).status).toBe(200);
    expect((await ask("/settings/sharing", { machine: true })).status).toBe(200);
  });
});

it("a device that was sent away is nobody from its next request on", async () => {
  const cookie = await deviceOf("whole");
  expect((await ask("/wearers", { cookie })).status).toBe(200);
  for (const { id } of await access.devices.all()) await access.devices.remove(id);
  expect(await isShut(await ask("/wearers", { cookie }))).toBe(true);
});

it("every line of what roles may do is of a route there is", () => {
  const known = new Set(PATTERNS);
  const lines = [...Object.keys(PERMITTED), ...FOR_ANYBODY, ...AT_THE_MACHINE];
  expect(lines.filter((pattern) => !known.has(pattern))).toEqual([]);
});
