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
    expect(logged).toContain(`[${data.reference}] POST /wearers/1: TypeError: stitch is undefined`);
  });

  it("never logs what was sent", async () => {
    const log = vi.spyOn(console, "error").mockReturnValue();
    await thrownBy(async () => {
      throw { name: "Ilva Thornbeck" };
    });
    expect(JSON.stringify(log.mock.calls)).not.toContain("Ilva");
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
