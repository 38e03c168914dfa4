import { describe, expect, it } from "vitest";
import { newcomer, saidBy } from "../../testing/newcomer.ts";
import { networkOf } from "./signIn.server.ts";

const NAMED = { name: "Tablet by the mirror", to: "/jobs/1" };

describe("a device that comes with the code", () => {
  it("is let in with what the code was made for, by a cookie no script reads", async () => {
    const { access, ask } = await newcomer();
    const { code } = await access.pairing.start({ role: "look", jobs: [] }, new Date());
    const response = await ask("/sign-in", { intent: "code", code: `${code.slice(0, 3)} ${code.slice(3)}`, ...NAMED });
    expect([response.status, response.headers.get("Location")]).toEqual([302, "/jobs/1"]);
    expect(response.headers.getSetCookie()[0]).toMatch(
      /^__Host-stenz-device=[^;]+; Max-Age=\d+; Path=\/; HttpOnly; Secure; SameSite=Strict$/,
    );
    expect(await access.devices.all()).toMatchObject([{ name: "Tablet by the mirror", role: "look" }]);
    expect((await ask("/wearers")).status).toBe(200);
    expect((await ask("/sign-in")).headers.get("Location")).toBe("/");
  });

  it("for fittings goes to its own list", async () => {
    const { store, access, ask } = await newcomer();
    const job = await store.identities.of("jobs", 1);
    const { code } = await access.pairing.start({ role: "fittings", jobs: [job] }, new Date());
    const response = await ask("/sign-in", { intent: "code", code, ...NAMED });
    expect(response.headers.get("Location")).toBe("/fittings");
    expect((await ask("/")).headers.get("Location")).toBe("/fittings");
    expect(await saidBy(await ask("/fittings.data"))).toContain("Ilva");
  });

  it.each([
    [{ code: "12345" }, "Expected six digits, but got 5 letters."],
    [{ code: "" }, "Expected the six digits from the other screen"],
    [{ name: "" }, "Expected a name for this device"],
    [{ name: "x".repeat(41) }, "Expected at most 40 characters"],
  ])("%j is said beside the field", async (own, words) => {
    const { access, ask } = await newcomer();
    await access.pairing.start({ role: "whole", jobs: [] }, new Date());
    const response = await ask("/sign-in.data", { intent: "code", code: "123456", ...NAMED, ...own });
    expect(response.status).toBe(400);
    expect(await saidBy(response)).toContain(words);
  });
});

describe("wrong tries", () => {
  it("wait from the fifth on, whatever is tried then", async () => {
    const { access, ask } = await newcomer();
    const { code } = await access.pairing.start({ role: "whole", jobs: [] }, new Date());
    const wrong = code === "000000" ? "000001" : "000000";
    for (let tried = 0; tried < 5; tried += 1)
      expect(await saidBy(await ask("/sign-in.data", { intent: "code", code: wrong, ...NAMED }))).toContain(
        "not the code",
      );
    expect(await saidBy(await ask("/sign-in.data", { intent: "code", code, ...NAMED }))).toMatch(/wait 30 seconds/);
    expect(await access.devices.all()).toEqual([]);
  });

  it("of the passphrase lock from the tenth on for a quarter of an hour", async () => {
    const { access, ask } = await newcomer();
    await access.sharing.setPassphrase("three plain words");
    for (let tried = 0; tried < 10; tried += 1) await access.tries.wrong("passphrase", "192.0.2.9", new Date());
    const response = await ask("/sign-in.data", { intent: "passphrase", passphrase: "three plain words", ...NAMED });
    expect(await saidBy(response)).toMatch(/wait 15 minutes/);
  });
});

describe("the passphrase", () => {
  it("lets a device into the whole workshop; a wrong one does not, and comes back to nobody", async () => {
    const { access, ask } = await newcomer();
    await access.sharing.setPassphrase("three plain words");
    const refused = await saidBy(
      await ask("/sign-in.data", { intent: "passphrase", passphrase: "my own secret", ...NAMED }),
    );
    expect(refused).toContain("not the passphrase");
    expect(refused).not.toContain("my own secret");
    const response = await ask("/sign-in", { intent: "passphrase", passphrase: "three plain words", ...NAMED });
    expect(response.status).toBe(302);
    expect(await access.devices.all()).toMatchObject([{ role: "whole" }]);
  });

  it("where none is set lets nobody in", async () => {
    const { ask, access } = await newcomer();
    expect((await ask("/sign-in.data", { intent: "passphrase", passphrase: "anything at all", ...NAMED })).status).toBe(
      400,
    );
    expect(await access.devices.all()).toEqual([]);
  });
});

it("guesses from one network of the sixth kind count as one", () => {
  expect(networkOf("2001:db8:1:2:3:4:5:6")).toBe("2001:db8:1:2::/64");
  expect(networkOf("192.0.2.9")).toBe("192.0.2.9");
});
