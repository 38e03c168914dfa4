import { mkdtempSync, rmSync, statSync, writeFileSync } from "node:fs";
import { request } from "node:https";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it, onTestFinished } from "vitest";
import { openAccess } from "../../../data/access/index.ts";
import { madeCertificate, ownCertificate } from "./certificate.ts";
import { type SharedOptions, sharedListener } from "./sharedListener.ts";

const folder = () => {
  const made = mkdtempSync(join(tmpdir(), "stenz-tls-"));
  onTestFinished(() => rmSync(made, { recursive: true, force: true }));
  return join(made, "tls");
};
const NOW = new Date("2026-11-27T12:00:00Z");
const inDays = (days: number) => new Date(NOW.getTime() + days * 24 * 3_600_000);

describe("a certificate made here", () => {
  it("is kept for its owner alone, and is the same until it ends soon", async () => {
    const at = folder();
    const first = await madeCertificate(at, ["bench.local", "192.0.2.1"], NOW);
    expect(first.fingerprint).toMatch(/^(?:[0-9A-F]{2}:){31}[0-9A-F]{2}$/);
    expect([statSync(at).mode & 0o777, statSync(join(at, "stenz.key")).mode & 0o777]).toEqual([0o700, 0o600]);
    expect((await madeCertificate(at, ["192.0.2.1"], inDays(700))).fingerprint).toBe(first.fingerprint);
    expect((await madeCertificate(at, ["192.0.2.1"], inDays(780))).fingerprint).not.toBe(first.fingerprint);
  });

  it("is made anew for a name it does not stand for", async () => {
    const at = folder();
    const first = await madeCertificate(at, ["192.0.2.1"], NOW);
    expect((await madeCertificate(at, ["192.0.2.1", "192.0.2.2"], NOW)).fingerprint).not.toBe(first.fingerprint);
  });
});

describe("a certificate of the maker's own", () => {
  it("is read with its key; what does not fit is named", async () => {
    const [one, other] = [folder(), folder()];
    await madeCertificate(one, ["a.example"], NOW);
    await madeCertificate(other, ["b.example"], NOW);
    const [certFile, keyFile] = [join(one, "stenz.crt"), join(one, "stenz.key")];
    expect(ownCertificate({ certFile, keyFile }).ok).toBe(true);
    const codeOf = (files: { certFile: string | null; keyFile: string | null }) => {
      const read = ownCertificate(files);
      return read.ok ? null : read.problem.code;
    };
    expect(codeOf({ certFile, keyFile: join(other, "stenz.key") })).toBe("tls-not-a-pair");
    expect(codeOf({ certFile, keyFile: null })).toBe("tls-no-file");
    expect(codeOf({ certFile: join(one, "none.crt"), keyFile })).toBe("tls-unreadable");
    writeFileSync(join(one, "words.crt"), "no certificate");
    expect(codeOf({ certFile: join(one, "words.crt"), keyFile })).toBe("tls-unreadable");
  });
});

describe("the listener for the network", () => {
  async function listener(own: Partial<SharedOptions> = {}) {
    const access = await openAccess(":memory:");
    const made = sharedListener({
      ...{ access, names: [], always: false, tlsFolder: folder(), host: "127.0.0.1", port: 0, spare: 0 },
      appFor: () => (_request, response) => void response.end("shared"),
      ...own,
    });
    onTestFinished(async () => {
      await made.stop();
      await access.close();
    });
    return { access, made };
  }
  const set = async (access: Awaited<ReturnType<typeof openAccess>>, own: object) => {
    const { hasPassphrase: _has, ...now } = await access.sharing.find();
    await access.sharing.save({ ...now, ...own });
  };

  it("opens once it is switched on and a passphrase is set, over TLS by its fingerprint, and shuts again", async () => {
    const { access, made } = await listener();
    expect(await made.follow()).toEqual({ on: false, fault: null });
    await set(access, { on: true });
    expect(await made.follow()).toMatchObject({ on: false, fault: expect.stringContaining("Set a passphrase first") });
    await access.sharing.setPassphrase("three plain words");
    const state = await made.follow();
    if (!state.on) throw new Error("It was to be shared.");
    const address = state.addresses[0] ?? "";
    const seen = await new Promise<string>((resolve, reject) => {
      request(address, { rejectUnauthorized: false }, (response) =>
        resolve((response.socket as import("node:tls").TLSSocket).getPeerCertificate().fingerprint256),
      )
        .on("error", reject)
        .end();
    });
    expect(seen).toBe(state.fingerprint);
    await set(access, { on: false });
    expect(await made.follow()).toEqual({ on: false, fault: null });
    await expect(fetch(address)).rejects.toThrow();
  });

  it("says why it could not open", async () => {
    const { access, made } = await listener({ host: "192.0.2.77", always: true });
    await access.sharing.setPassphrase("three plain words");
    expect(await made.follow()).toMatchObject({ on: false, fault: "192.0.2.77 is not an address of this machine." });
    const { access: other, made: own } = await listener();
    await other.sharing.setPassphrase("three plain words");
    await set(other, { on: true, tls: "own", certFile: "/nowhere", keyFile: "/nowhere" });
    expect(await own.follow()).toMatchObject({ on: false, fault: expect.stringContaining("/nowhere") });
  });

  it("without TLS goes by no fingerprint", async () => {
    const { access, made } = await listener();
    await access.sharing.setPassphrase("three plain words");
    await set(access, { on: true, tls: "none" });
    const state = await made.follow();
    expect(state).toMatchObject({ on: true, fingerprint: null });
    expect(state.on && (await (await fetch(state.addresses[0] ?? "")).text())).toBe("shared");
  });
});
