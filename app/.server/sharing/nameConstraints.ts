import { isIP } from "node:net";
import { Extension } from "@peculiar/x509";

/** Names of private networks, by RFC 6761, 6762, 8375 and ICANN's for private use: nobody on the internet has one. */
const PRIVATE_NAMES = ["localhost", "local", "internal", "home.arpa"];

/** Addresses of private networks and of this machine, with their masks: RFC 1918, 3927, 4193, 4291. */
const PRIVATE_ADDRESSES = [
  ...["10.0.0.0/8", "172.16.0.0/12", "192.168.0.0/16", "169.254.0.0/16", "127.0.0.0/8"],
  ...["fc00::/7", "fe80::/10", "::1/128"],
];

/** Tags of a name and of an address in a list of general names (RFC 5280, 4.2.1.6). */
const [NAME, ADDRESS] = [0x82, 0x87];

/** What the rule is known by in a certificate. */
export const NAME_CONSTRAINTS = "2.5.29.30";

/** Bytes under a tag, as DER writes them; shorter than 65 536. */
function der(tag: number, content: Uint8Array): Buffer {
  const { length } = content;
  const head = length < 0x80 ? [length] : length < 0x100 ? [0x81, length] : [0x82, length >> 8, length & 0xff];
  return Buffer.concat([Buffer.from([tag, ...head]), content]);
}

/** The bytes of an address, with those of a mask of so many bits behind them. */
function addressBytes(text: string): Buffer {
  const [address = "", bits] = text.split("/");
  const bytes = isIP(address) === 4 ? address.split(".").map(Number) : bytesOfSix(address);
  const ones = Number(bits ?? bytes.length * 8);
  const mask = bytes.map((_byte, at) => 0xff & (0xff00 >> Math.min(8, Math.max(0, ones - at * 8))));
  return Buffer.from([...bytes, ...mask]);
}

/** The sixteen bytes of an address of the sixth kind, whose longest run of zeros may be left out. */
function bytesOfSix(address: string): number[] {
  const [head = "", tail] = (address.split("%")[0] ?? "").split("::");
  const groups = (part: string) => (part === "" ? [] : part.split(":").map((group) => Number.parseInt(group, 16)));
  const [before, after] = [groups(head), groups(tail ?? "")];
  const zeros = Array.from({ length: 8 - before.length - after.length }, () => 0);
  return [...before, ...zeros, ...after].flatMap((group) => [group >> 8, group & 0xff]);
}

const subtree = (name: string): Buffer =>
  der(
    0x30,
    isIP(name.split("/")[0] ?? "") === 0 ? der(NAME, Buffer.from(name, "ascii")) : der(ADDRESS, addressBytes(name)),
  );

const isPrivate = (name: string): boolean =>
  PRIVATE_NAMES.some((own) => name === own || name.endsWith(`.${own}`)) ||
  PRIVATE_ADDRESSES.some((range) => isIn(name, range));

function isIn(name: string, range: string): boolean {
  if (isIP(name) === 0 || isIP(name) !== isIP(range.split("/")[0] ?? "")) return false;
  const [own, of] = [addressBytes(name), addressBytes(range)];
  const half = of.length / 2;
  return of.subarray(0, half).every((byte, at) => ((own[at] ?? 0) & (of[half + at] ?? 0)) === byte);
}

/**
 * What an authority may vouch for (RFC 5280, 4.2.1.10): names and addresses of private networks, and of these names those that are none.
 * Whoever trusts it trusts it for nothing else, whatever becomes of its key.
 */
export function vouchesFor(names: readonly string[]): Extension {
  const all = [...PRIVATE_NAMES, ...PRIVATE_ADDRESSES, ...names.filter((name) => !isPrivate(name))];
  return new Extension(NAME_CONSTRAINTS, true, Uint8Array.from(der(0x30, der(0xa0, Buffer.concat(all.map(subtree))))));
}

/** True where a certificate with such a rule may be made for these names. */
export const isVouchedFor = (rule: Extension | null, names: readonly string[]): boolean =>
  rule !== null && names.every((name) => isPrivate(name) || Buffer.from(rule.value).includes(subtree(name)));
