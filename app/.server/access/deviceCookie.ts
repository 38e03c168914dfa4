import { createCookie } from "react-router";
import { IDLE_MS } from "../../../data/access/index.ts";

/** How long a browser keeps it, seconds: as long as a device may lie unused. */
const KEPT_S = IDLE_MS / 1000;

/** No script reads it, and no other site has it sent. */
const OPTIONS = { path: "/", httpOnly: true, sameSite: "strict" } as const;

/** Over TLS only TLS carries it, and by the prefix of its name only the server itself can have set it. */
const overTls = createCookie("__Host-stenz-device", { ...OPTIONS, secure: true });
const plain = createCookie("stenz-device", OPTIONS);

const cookieFor = (request: Request) => (new URL(request.url).protocol === "https:" ? overTls : plain);

/** The secret a browser sent; null where it has none. */
export async function deviceToken(request: Request): Promise<string | null> {
  const sent: unknown = await cookieFor(request).parse(request.headers.get("Cookie"));
  return typeof sent === "string" && sent !== "" ? sent : null;
}

/** The header that gives a browser its secret. */
export const giveToken = (request: Request, token: string): Promise<string> =>
  cookieFor(request).serialize(token, { maxAge: KEPT_S });

/** The header that takes it back. */
export const takeToken = (request: Request): Promise<string> => cookieFor(request).serialize("", { maxAge: 0 });
