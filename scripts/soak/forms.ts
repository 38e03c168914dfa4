import { Window } from "happy-dom";

/** A form of a page as a browser would send it untouched. */
export interface PageForm {
  readonly address: string;
  readonly fields: Readonly<Record<string, string>>;
  /** Fields for free text: what is put in them is kept as it was typed. */
  readonly free: readonly string[];
}

/** Names of fields that take any words. */
const FREE = /(?:^|\.)(?:notes?|name|told|words|allergies|workshopName|note)$/i;

/** Reads pages, one after the other: one made for each would never be let go. */
let reader: Window | null = null;

/** The forms of a page that are posted; one for each button that says something of its own. */
export function formsOf(html: string, page: string): PageForm[] {
  reader ??= new Window();
  const { document } = reader;
  document.body.innerHTML = html.replace(/<(style|script)\b.*?<\/\1>/gs, "").replace(/^[\s\S]*?<body[^>]*>/, "");
  const forms = [...document.querySelectorAll("form")].filter((form) => form.getAttribute("method") === "post");
  return forms.flatMap((form): PageForm[] => {
    const fields: Record<string, string> = {};
    const free: string[] = [];
    for (const field of form.querySelectorAll(
      "input[name], select[name], textarea[name]",
    ) as unknown as HTMLInputElement[]) {
      if ((field.type === "checkbox" || field.type === "radio") && !field.checked) continue;
      if (field.type === "file") continue;
      fields[field.name] = field.querySelector("option[selected]")?.getAttribute("value") ?? field.value;
      if (FREE.test(field.name) && (field.type === "text" || field.tagName === "TEXTAREA")) free.push(field.name);
    }
    const address = form.getAttribute("action") || page;
    const buttons = [...form.querySelectorAll("button[name]")].map((button) => ({
      [button.getAttribute("name") ?? ""]: button.getAttribute("value") ?? "",
    }));
    return (buttons.length > 0 ? buttons : [{}]).map((button) => ({ address, free, fields: { ...fields, ...button } }));
  });
}

/** The forms of a page of a server; none where it is a file. */
export async function formsAt(server: string, page: string): Promise<PageForm[]> {
  const response = await fetch(`${server}${page}`);
  if ((response.headers.get("Content-Type") ?? "").startsWith("text/html")) return formsOf(await response.text(), page);
  await response.body?.cancel();
  return [];
}

/** Actions that take something away, or back. */
const TAKES_AWAY = /remove|erase|undo|drop|away|delete|restore/;

/** True where what a form does takes something away, or back. */
export const takesAway = (form: Pick<PageForm, "address" | "fields">): boolean => TAKES_AWAY.test(kindOf(form));

/** What a form does, whichever record it is about. */
export const kindOf = ({ address, fields }: Pick<PageForm, "address" | "fields">): string =>
  `${address.replaceAll(/\d+/g, "n").replace(/\?.*/, "")} ${fields.intent ?? ""}`.trim();

/** The address a page in sight asks at for what another one shows, and posts its forms to: data in place of a document. */
export function asData(address: string): string {
  const [path, ...query] = address.split("?");
  return [`${path === "/" ? "/_" : path}.data`, ...query].join("?");
}

/** Headers of a form that is posted from a page of the server itself. */
export const ownHeaders = (server: string) => ({ Origin: server, "Sec-Fetch-Site": "same-origin" });

/** Posts a form as a browser does. */
export const post = (server: string, { address, fields }: Pick<PageForm, "address" | "fields">): Promise<Response> =>
  fetch(`${server}${address}`, {
    method: "POST",
    body: new URLSearchParams(fields),
    headers: ownHeaders(server),
    redirect: "manual",
  });
