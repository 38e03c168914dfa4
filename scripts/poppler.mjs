import { ensureProgram } from "./debian.mjs";

/** Debian's poppler, by which tests look at the PDFs we write. @returns {string | null} the path of its renderer; null where there is none. */
export const ensurePoppler = () =>
  ensureProgram({
    name: "poppler",
    from: "poppler-utils",
    places: ["/usr/bin/pdftoppm"],
    named: "STENZ_PDFTOPPM",
  });
