/**
 * Optional content of a PDF (ISO 32000, 8.11): layers by their names, all of them on.
 * @param names each once, in the order a reader lists them.
 * @returns a function that draws within one of them on the page that is open.
 */
export function pdfLayers(doc: PDFKit.PDFDocument, names: readonly string[]): (name: string, draw: () => void) => void {
  // pdfkit knows no layers: the objects are its own, written as the standard has them.
  const inside = doc as unknown as PdfInside;
  const groups = new Map(
    names.map((name, at) => {
      const group = inside.ref({ Type: "OCG", Name: textOf(name) });
      group.end();
      return [name, { key: `OC${at}`, group }] as const;
    }),
  );
  const all = [...groups.values()].map(({ group }) => group);
  inside._root.data.OCProperties = { OCGs: all, D: { Order: all, ON: all } };
  return (name, draw) => {
    const layer = groups.get(name);
    if (!layer) throw new RangeError(`This PDF has no layer ${name}.`);
    const { data } = inside.page.resources;
    data.Properties = { ...data.Properties, [layer.key]: layer.group };
    inside.addContent(`/OC /${layer.key} BDC`);
    draw();
    inside.addContent("EMC");
  };
}

/** A text object, as pdfkit tells it from a name: what is made by `new String` is a text. */
const textOf = (text: string): object => Object(text) as object;

/** What of pdfkit is used beside its published types. */
interface PdfInside {
  readonly ref: (data: object) => PdfRef;
  readonly addContent: (data: string) => unknown;
  readonly _root: { readonly data: Record<string, unknown> };
  readonly page: { readonly resources: { readonly data: { Properties?: Record<string, PdfRef> } } };
}

interface PdfRef {
  readonly end: () => void;
}
