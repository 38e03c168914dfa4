import { expect, it } from "vitest";
import { newcomer } from "../../testing/newcomer.ts";

it("signs a device out: it is on the list no longer, and its cookie is taken back", async () => {
  const { access, ask } = await newcomer();
  const { code } = await access.pairing.start({ role: "whole", jobs: [] }, new Date());
  await ask("/sign-in", { intent: "code", code, name: "Tablet", to: "/" });
  expect((await ask("/wearers")).status).toBe(200);
  const response = await ask("/sign-out", {});
  expect(response.headers.get("Location")).toBe("/sign-in");
  expect(response.headers.getSetCookie().join()).toMatch(/__Host-stenz-device=; Max-Age=0/);
  expect(await access.devices.all()).toEqual([]);
  expect((await ask("/wearers")).headers.get("Location")).toMatch(/^\/sign-in/);
});

it("at the machine itself there is nobody to sign out", async () => {
  const { access, atMachine } = await newcomer();
  await access.devices.add({ name: "Tablet", role: "whole", jobs: [] }, new Date());
  expect((await atMachine("/sign-out", {})).headers.get("Location")).toBe("/");
  expect(await access.devices.all()).toHaveLength(1);
});
