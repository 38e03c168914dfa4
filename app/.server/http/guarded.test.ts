import { redirect } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { notFound } from "./answers.ts";
import { guarded } from "./guarded.ts";

const args = {
  request: new Request("http://127.0.0.1/wearers/1?secret=Ilva", { method: "POST", body: "name=Ilva+Thornbeck" }),
};

const thrownBy = async (handler: () => Promise<unknown>): Promise<unknown> => {
  try {
    await guarded(handler)(args);
    return null;
  } catch (thrown) {
    return thrown;
  }
};

describe("a guarded action", () => {
  afterEach(() => vi.restoreAllMocks());

  it("turns what nobody foresaw into a reference, and logs the cause with it", async () => {
    const log = vi.spyOn(console, "error").mockReturnValue();
    const thrown = await thrownBy(async () => {
      throw new TypeError("stitch is undefined");
    });
    const { data, init } = thrown as { data: { reference: string }; init: { status: number } };
    expect(init.status).toBe(500);
    expect(data).toEqual({ reference: expect.stringMatching(/^[2-9A-Z]{8}$/) });
    const logged = String(log.mock.calls[0]?.[0]);
    expect(logged).toContain(`[${data.reference}] POST /wearers/1: TypeError`);
    expect(logged).toMatch(/\n\s+at /);
  });

  it("never logs what was sent", async () => {
    const log = vi.spyOn(console, "error").mockReturnValue();
    await thrownBy(async () => {
      throw { name: "Ilva Thornbeck" };
    });
    expect(JSON.stringify(log.mock.calls)).not.toContain("Ilva");
  });

  it("logs no letter of a message: it may repeat what was sent or set", async () => {
    const log = vi.spyOn(console, "error").mockReturnValue();
    await thrownBy(async () => JSON.parse("{Thornbeck at tcp://gauge.local}"));
    await thrownBy(async () => {
      throw Object.assign(new Error("connect ECONNREFUSED gauge.local:7001"), { code: "ECONNREFUSED" });
    });
    expect(JSON.stringify(log.mock.calls)).not.toMatch(/Thornbeck|gauge\.local/);
    expect(JSON.stringify(log.mock.calls)).toContain("Error (ECONNREFUSED)");
  });

  it.each([
    ["SQLITE_FULL", /disk is full/],
    ["SQLITE_READONLY", /cannot be written/],
    ["SQLITE_IOERR_WRITE", /could not be read or written/],
    ["SQLITE_CORRUPT_VTAB", /damaged/],
  ])("tells %s in plain words, without a reference", async (code, words) => {
    const thrown = await thrownBy(async () => {
      throw Object.assign(new Error("x"), { code });
    });
    expect((thrown as { data: { message: string } }).data.message).toMatch(words);
  });

  it("lets redirects and 404s pass", async () => {
    const log = vi.spyOn(console, "error").mockReturnValue();
    expect(
      await thrownBy(async () => {
        throw redirect("/");
      }),
    ).toBeInstanceOf(Response);
    expect(await thrownBy(async () => notFound("wearer"))).toMatchObject({
      data: { what: "wearer" },
      init: { status: 404 },
    });
    expect(log).not.toHaveBeenCalled();
  });
});
