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

/** The forms of a page that are posted; one for each button that says something of its own. */
export function formsOf(html: string, page: string): PageForm[] {
  const window = new Window({ url: `http://127.0.0.1${page}` });
  const { document } = window;
  document.body.innerHTML = html.replace(/<(style|script)\b.*?<\/\1>/gs, "").replace(/^[\s\S]*?<body[^>]*>/, "");
  const forms = [...document.querySelectorAll("form")].filter((form) => form.getAttribute("method") === "post");
  const read = forms.flatMap((form): PageForm[] => {
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
  void window.happyDOM.abort();
  return read;
}

/** Posts a form as a browser does. */
export const post = (server: string, { address, fields }: Pick<PageForm, "address" | "fields">): Promise<Response> =>
  fetch(`${server}${address}`, {
    method: "POST",
    body: new URLSearchParams(fields),
    headers: { Origin: server, "Sec-Fetch-Site": "same-origin" },
    redirect: "manual",
  });
