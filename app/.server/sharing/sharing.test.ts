import { mkdtempSync, rmSync, statSync, writeFileSync } from "node:fs";
import { request } from "node:https";
import { type AddressInfo, isIP } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { connect, createServer } from "node:tls";
import { generate } from "selfsigned";
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

/** What a client that trusts one authority alone says of a server with a certificate, asked by a name: `yes`, or why not. */
async function answered(of: { cert: string; key: string }, ca: string, name: string): Promise<string> {
  const server = createServer(of, (socket) => socket.end());
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  const { port } = server.address() as AddressInfo;
  try {
    return await new Promise<string>((resolve) => {
      const socket = connect({ host: "127.0.0.1", port, ca, servername: isIP(name) === 0 ? name : "" });
      socket.on("secureConnect", () => resolve("yes"));
      socket.on("error", ({ message }) => resolve(message));
    });
  } finally {
    server.close();
  }
}

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

  it("is vouched for by the workshop's authority, which stays the same where the certificate does not", async () => {
    const at = folder();
    const first = await madeCertificate(at, ["192.0.2.1"], NOW);
    expect(statSync(join(at, "stenz-authority.key")).mode & 0o777).toBe(0o600);
    expect(first.cert).toContain(first.authority.cert);
    const later = await madeCertificate(at, ["192.0.2.1", "192.168.7.9", "bench.local"], inDays(5));
    expect(later.fingerprint).not.toBe(first.fingerprint);
    expect(later.authority.fingerprint).toBe(first.authority.fingerprint);
    // Neither outlives it, nor does it vouch for a name of others before it was asked to.
    expect((await madeCertificate(at, ["192.0.2.1"], inDays(8 * 365))).authority.fingerprint).not.toBe(
      first.authority.fingerprint,
    );
  });

  it("is taken by whoever trusts the authority, at private addresses and names alone", async () => {
    const at = folder();
    const { cert, key, authority } = await madeCertificate(at, ["localhost", "127.0.0.1"], new Date());
    expect(await answered({ cert, key }, authority.cert, "127.0.0.1")).toBe("yes");
    expect(await answered({ cert, key }, authority.cert, "localhost")).toBe("yes");
    // What somebody makes with its key for a name on the internet is refused.
    const forged = await generate([{ name: "commonName", value: "Bank" }], {
      ...{ keyType: "ec", algorithm: "sha256", ca: authority },
      extensions: [{ name: "subjectAltName", altNames: [{ type: 2, value: "bank.example" }] }],
    });
    expect(await answered({ cert: forged.cert, key: forged.private }, authority.cert, "bank.example")).toMatch(
      /permitted subtree violation/i,
    );
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
    // Pages are made from it: no key is in it.
    expect(JSON.stringify(state)).not.toContain("PRIVATE KEY");
    expect(state.authority?.cert).toContain("BEGIN CERTIFICATE");
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

  it("says why no certificate could be made", async () => {
    const tlsFolder = folder();
    writeFileSync(tlsFolder, "a file where the folder was to be");
    const { access, made } = await listener({ tlsFolder, always: true });
    await access.sharing.setPassphrase("three plain words");
    expect(await made.follow()).toMatchObject({
      on: false,
      fault: expect.stringContaining(`A certificate could not be made in ${tlsFolder}`),
    });
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
