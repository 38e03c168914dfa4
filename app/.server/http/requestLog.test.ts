import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { dirname, join } from "node:path";
import express from "express";
import { describe, expect, it, onTestFinished } from "vitest";
import { logFileOf, loggedPath, requestLog } from "./requestLog.ts";

/** A server that logs into a folder of its own. */
async function logging() {
  const folder = mkdtempSync(join(tmpdir(), "stenz-log-"));
  const file = logFileOf(join(folder, "stenz.sqlite"));
  const log = requestLog(file);
  const app = express();
  app.use(log.middleware);
  app.use((_request, response) => void response.status(404).send("Ilva Thornbeck, 74.2"));
  const server = app.listen(0);
  await new Promise((resolve) => server.once("listening", resolve));
  onTestFinished(() => {
    server.close();
    log.close();
    rmSync(folder, { recursive: true, force: true });
  });
  const address = server.address();
  const ask = async (path: string, init: RequestInit = {}) =>
    void (await (
      await fetch(`http://127.0.0.1:${typeof address === "object" ? address?.port : 0}${path}`, init)
    ).text());
  return { file, ask };
}

describe("the log of requests", () => {
  it("has a line each with how it went, and nothing of what was asked or sent", async () => {
    const { file, ask } = await logging();
    await ask("/wearers?q=Ilva", {
      method: "POST",
      body: new URLSearchParams({ name: "Ilva Thornbeck", waist: "74.2" }),
    });
    const text = readFileSync(file, "utf8");
    expect(JSON.parse(text)).toEqual({
      ...{ level: "info", time: expect.any(String) },
      method: "POST",
      path: "/wearers",
      status: 404,
      ms: expect.any(Number),
    });
    expect(text).not.toMatch(/Ilva|74/);
  });

  it("is its owner's alone, and begins anew before it fills the disk", async () => {
    const { file, ask } = await logging();
    await ask("/");
    expect([statSync(dirname(file)).mode & 0o777, statSync(file).mode & 0o777]).toEqual([0o700, 0o600]);
    writeFileSync(file, "x".repeat(5_100_000), { flag: "a" });
    for (let count = 0; count < 505; count += 1) await ask("/");
    expect(existsSync(`${file}.1`)).toBe(true);
    expect(statSync(file).size).toBeLessThan(10_000);
    expect(statSync(file).mode & 0o777).toBe(0o600);
  });

  it.each([
    ["/measure/abcDEF-123", "/measure/…"],
    ["/measure/abcDEF-123.data", "/measure/….data"],
    ["/days/calendar/abc.ics", "/days/calendar/….ics"],
    ["/jobs/1/ease", "/jobs/1/ease"],
  ])("writes %s down as %s", (path, written) => expect(loggedPath(path)).toBe(written));
});
