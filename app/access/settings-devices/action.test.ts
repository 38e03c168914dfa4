import { describe, expect, it } from "vitest";
import { newcomer, saidBy } from "../../testing/newcomer.ts";

const PAGE = "/settings/devices";

describe("a code", () => {
  it("is made for a role, with a picture of every address and the fingerprint", async () => {
    const { access, atMachine } = await newcomer();
    const said = await saidBy(await atMachine(`${PAGE}.data`, { intent: "pair", role: "look" }));
    const code = /"(\d{6})"/.exec(said)?.[1] ?? "";
    expect(said).toContain("data:image/svg+xml");
    expect(said).toContain("AB:CD");
    expect(await access.pairing.take(code, new Date())).toEqual({ role: "look", jobs: [] });
  });

  it("for fittings names its jobs, and is not made without one", async () => {
    const { store, access, atMachine } = await newcomer();
    const job = await store.identities.of("jobs", 3);
    const refused = await atMachine(`${PAGE}.data`, { intent: "pair", role: "fittings" });
    expect([refused.status, await saidBy(refused)]).toEqual([
      400,
      expect.stringContaining("Expected at least one job"),
    ]);
    const said = await saidBy(
      await atMachine(`${PAGE}.data`, { intent: "pair", role: "fittings", [`job.${job}`]: "yes" }),
    );
    expect(await access.pairing.take(/"(\d{6})"/.exec(said)?.[1] ?? "", new Date())).toEqual({
      role: "fittings",
      jobs: [job],
    });
  });

  it("is not made while the workshop is not shared, or for a role there is none of", async () => {
    const { access, atMachine } = await newcomer({ shared: false });
    expect((await atMachine(`${PAGE}.data`, { intent: "pair", role: "look" })).status).toBe(400);
    expect((await atMachine(`${PAGE}.data`, { intent: "pair", role: "owner" })).status).toBe(400);
    expect(await access.pairing.standing(new Date())).toBeNull();
  });

  it("can be stopped", async () => {
    const { access, atMachine } = await newcomer();
    await access.pairing.start({ role: "look", jobs: [] }, new Date());
    expect((await atMachine(PAGE, { intent: "stop" })).headers.get("Location")).toBe(PAGE);
    expect(await access.pairing.standing(new Date())).toBeNull();
  });
});

describe("a device", () => {
  async function one() {
    const made = await newcomer();
    await made.access.devices.add({ name: "Tablet", role: "whole", jobs: [] }, new Date());
    return { ...made, devices: made.access.devices };
  }

  it("is named anew and given another role", async () => {
    const { devices, atMachine } = await one();
    const response = await atMachine(PAGE, { intent: "change", id: "1", name: "Phone", role: "look", version: "1" });
    expect(response.headers.get("Location")).toBe(PAGE);
    expect(await devices.all()).toMatchObject([{ name: "Phone", role: "look" }]);
  });

  it.each([
    [{ name: "" }, 400],
    [{ role: "owner" }, 400],
    [{ role: "fittings" }, 400],
    [{ version: "7" }, 409],
    [{ id: "99" }, 404],
  ] as const)("%j is refused and changes nothing", async (own, status) => {
    const { devices, atMachine } = await one();
    const sent = { intent: "change", id: "1", name: "Phone", role: "look", version: "1", ...own };
    expect((await atMachine(`${PAGE}.data`, sent)).status).toBe(status);
    expect(await devices.all()).toMatchObject([{ name: "Tablet", role: "whole", version: 1 }]);
  });

  it("is sent away; one that is not there is not", async () => {
    const { devices, atMachine } = await one();
    expect((await atMachine(`${PAGE}.data`, { intent: "away", id: "9" })).status).toBe(404);
    await atMachine(PAGE, { intent: "away", id: "1" });
    expect(await devices.all()).toEqual([]);
  });
});
