import { expect, it } from "vitest";
import { newcomer } from "../../testing/newcomer.ts";

it("gives the authority of the workshop to anybody: there is no secret in it", async () => {
  const { ask } = await newcomer();
  const response = await ask("/certificate");
  expect(response.status).toBe(200);
  expect(response.headers.get("Content-Type")).toBe("application/x-x509-ca-cert");
  expect(response.headers.get("Content-Disposition")).toBe('attachment; filename="stenz-workshop.crt"');
  expect(await response.text()).toMatch(/^-----BEGIN CERTIFICATE-----/);
});

it("gives none while nothing is shared", async () => {
  const { atMachine } = await newcomer({ shared: false });
  expect((await atMachine("/certificate")).status).toBe(404);
});
