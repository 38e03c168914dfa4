import { describe, expect, it, onTestFinished } from "vitest";
import { type Pool, type PoolLimits, startPool, USUAL_LIMITS } from "./pool.ts";

/** A pool of a test's own, with some limits of its own. */
function pool(own: Partial<PoolLimits> = {}): Pool {
  const started = startPool(process.env.STENZ_POOL ?? "", { ...USUAL_LIMITS, threads: 1, ...own });
  onTestFinished(() => started.close());
  return started;
}

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const SVG = '<svg xmlns="http://www.w3.org/2000/svg" width="200mm" viewBox="0 0 200 100">';
const small = { bytes: bytes(`${SVG}<path d="M 0 0 L 9 9"/></svg>`), unitMm: 1 };
/** A file of the largest size that is taken, all of it drawn lines. */
const large = { bytes: bytes(`${SVG}${'<path d="M 0 0 L 9 9 Z"/>'.repeat(150_000)}</svg>`), unitMm: 1 };

describe("work in the pool", () => {
  it("answers what its task answers, and takes bytes that are handed over", async () => {
    const own = { ...small, bytes: new Uint8Array(small.bytes) };
    expect(await pool().run("readCurve", own, { hand: [own.bytes] })).toMatchObject({ ok: true });
    expect(own.bytes.length).toBe(0);
    expect(await pool().run("readDrawn", { name: "a.pdf", bytes: small.bytes, scale: "mark" })).toMatchObject({
      ok: false,
      problem: { code: "file-kind" },
    });
  });

  it("that takes too long is stopped and told, and the next is done", async () => {
    const threads = pool();
    expect(await threads.run("readCurve", large, { withinMs: 20 })).toMatchObject({
      ok: false,
      problem: { code: "took-too-long", message: expect.stringMatching(/^Expected .* within 0.02 seconds/) },
    });
    expect(await threads.run("readCurve", small)).toMatchObject({ ok: true });
  });

  it("that takes too much memory fails alone: the server stands, and the next is done", async () => {
    const threads = pool({ memoryMb: 64 });
    const [answer, beside] = await Promise.all([threads.run("readCurve", large), threads.run("readCurve", small)]);
    expect(answer).toMatchObject({ ok: false, problem: { code: "took-too-much" } });
    expect(beside).toMatchObject({ ok: true });
  });

  it("of someone who has gone is stopped", async () => {
    const threads = pool();
    const gone = new AbortController();
    const asked = threads.run("readCurve", large, { signal: gone.signal });
    gone.abort();
    await expect(asked).rejects.toThrow(/abort/i);
    expect(await threads.run("readCurve", small)).toMatchObject({ ok: true });
  });

  it("waits its turn, and is sent away where too many wait", async () => {
    const threads = pool({ waiting: 1 });
    const answers = await Promise.all([1, 2, 3, 4, 5, 6].map(() => threads.run("readCurve", small)));
    const words = answers.map((one) => (one.ok ? "done" : one.problem.code));
    expect(words.slice(0, 2)).toEqual(["done", "done"]);
    expect(words.slice(2)).toEqual(Array(4).fill("pool-full"));
  });
});
