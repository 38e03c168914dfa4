import type { RouterContextProvider } from "react-router";
import { redirect } from "react-router";
import { fail, ok } from "../../../core/result.ts";
import type { Granted } from "../../../data/access/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { type FormSchema, group, line, optionalLine } from "../../../formats/form/index.ts";
import { giveToken } from "../../.server/access/deviceCookie.ts";
import { accessContext, addressContext } from "../../.server/access/visitor.ts";
import { invalid } from "../../.server/http/answers.ts";
import type { Fields } from "../../form/unsaved.ts";
import { placeWithin } from "./placeWithin.ts";

/** Letters of a device's name. */
const MOST_NAME = 40;

const code: FormSchema<string> = {
  ...line("the six digits from the other screen"),
  reads: (text) => {
    const digits = text.replaceAll(/\s/g, "");
    return /^\d{6}$/.test(digits)
      ? ok(digits)
      : fail("not-a-code", `Expected six digits, but got ${digits === "" ? "none" : `${digits.length} letters`}.`);
  },
};

const named = { name: line("a name for this device", MOST_NAME), to: optionalLine("where to go on", 2000) };
const readCode = formReader(group({ ...named, code }));
const readPassphrase = formReader(group({ ...named, passphrase: line("the passphrase of the workshop", 400) }));

/** Ways in: each finds out what is granted, or that nothing is. */
const WAYS = {
  code: {
    read: readCode,
    wrong: "This is not the code that stands on the other screen, or it is no longer good: have a new one made there.",
    granted: ({ code: typed }: { readonly code: string }, context: Context): Promise<Granted | null> =>
      context.get(accessContext).pairing.take(typed, new Date()),
  },
  passphrase: {
    read: readPassphrase,
    wrong: "This is not the passphrase of this workshop.",
    granted: async ({ passphrase }: { readonly passphrase: string }, context: Context): Promise<Granted | null> =>
      (await context.get(accessContext).sharing.isPassphrase(passphrase)) ? { role: "whole", jobs: [] } : null,
  },
} as const;

type Context = Readonly<RouterContextProvider>;

/** Lets a device in by the code or by the passphrase, and puts it on the list. */
export async function signIn(request: Request, fields: Fields, context: Context) {
  const way = fields.intent === "passphrase" ? "passphrase" : "code";
  // A passphrase is given back to nobody.
  const { passphrase: _secret, ...shown } = fields;
  const { read, wrong, granted } = WAYS[way];
  const typed = read(fields);
  if (!typed.ok) return invalid(shown, typed.errors);
  const { tries, devices } = context.get(accessContext);
  const from = networkOf(context.get(addressContext));
  const waitMs = await tries.waitMs(way, from, new Date());
  if (waitMs > 0) return invalid(shown, { [way]: `Too many wrong tries: wait ${waitWords(waitMs)}, then try again.` });
  const grants = await granted(typed.value as never, context);
  if (!grants) {
    await tries.wrong(way, from, new Date());
    return invalid(shown, { [way]: wrong });
  }
  await tries.right(way, from);
  const token = await devices.add({ name: typed.value.name, ...grants }, new Date());
  return redirect(grants.role === "fittings" ? "/fittings" : placeWithin(typed.value.to), {
    headers: { "Set-Cookie": await giveToken(request, token) },
  });
}

/** All addresses of one network of the sixth kind are one guesser: any of them is at hand to who has one. */
export const networkOf = (address: string): string =>
  address.includes(":") ? `${address.split(":").slice(0, 4).join(":")}::/64` : address;

const waitWords = (ms: number): string =>
  ms > 90_000 ? `${Math.ceil(ms / 60_000)} minutes` : `${Math.ceil(ms / 1000)} seconds`;
