import { describe, expect, it } from "vitest";
import { newSealKey } from "../../../data/backup/index.ts";
import { newcomer, saidBy } from "../../testing/newcomer.ts";

const PAGE = "/settings/sharing";
const WORDS = "three plain words";

describe("the passphrase", () => {
  it("is set, and comes back to nobody", async () => {
    const { access, atMachine } = await newcomer();
    expect(
      (await atMachine(PAGE, { intent: "passphrase", passphrase: WORDS, again: WORDS })).headers.get("Location"),
    ).toBe(PAGE);
    expect(await access.sharing.isPassphrase(WORDS)).toBe(true);
    expect(await saidBy(await atMachine(`${PAGE}.data`))).not.toContain(WORDS);
  });

  it.each([
    [{ passphrase: "short", again: "short" }, "Expected 12 to 200 letters"],
    [{ again: "another one here" }, "Expected the same passphrase as above."],
    [{ passphrase: "" }, "Expected a passphrase"],
  ])("%j is refused", async (own, words) => {
    const { access, atMachine } = await newcomer();
    const said = await saidBy(
      await atMachine(`${PAGE}.data`, { intent: "passphrase", passphrase: WORDS, again: WORDS, ...own }),
    );
    expect(said).toContain(words);
    expect(said).not.toContain(WORDS);
    expect((await access.sharing.find()).hasPassphrase).toBe(false);
  });
});

it("a passphrase that is changed seals the backups from then on", async () => {
  const { access, atMachine } = await newcomer();
  const { fault: _fault, ...rule } = await access.backupRule.find();
  const first = newSealKey(WORDS);
  await access.backupRule.save({ ...rule, seal: first });
  await atMachine(PAGE, { intent: "passphrase", passphrase: "other plain words", again: "other plain words" });
  const { seal } = await access.backupRule.find();
  expect(seal).not.toBeNull();
  expect(seal?.publicKey).not.toBe(first.publicKey);
});

describe("sharing", () => {
  const sent = { intent: "sharing", on: "yes", tls: "made", certFile: "", keyFile: "", version: "0" };

  it("is switched on once there is a passphrase", async () => {
    const { access, atMachine } = await newcomer();
    expect(await saidBy(await atMachine(`${PAGE}.data`, sent))).toContain("Expected a passphrase first");
    await access.sharing.setPassphrase(WORDS);
    expect((await atMachine(PAGE, sent)).headers.get("Location")).toBe(PAGE);
    expect(await access.sharing.find()).toMatchObject({ on: true, tls: "made", version: 1 });
  });

  it.each([
    [{ on: "perhaps" }, 400],
    [{ tls: "rot13" }, 400],
    [{ tls: "own" }, 400],
    [{ tls: "own", certFile: "/nowhere.crt", keyFile: "/nowhere.key" }, 400],
    [{ version: "4" }, 409],
  ])("%j is refused and changes nothing", async (own, status) => {
    const { access, atMachine } = await newcomer();
    await access.sharing.setPassphrase(WORDS);
    expect((await atMachine(`${PAGE}.data`, { ...sent, ...own })).status).toBe(status);
    expect(await access.sharing.find()).toMatchObject({ on: false, version: 0 });
  });
});
