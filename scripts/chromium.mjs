import { ensureProgram } from "./debian.mjs";

/** Debian's Chromium, for the browser tests. @returns {string | null} its path; null where there is none. */
export const ensureChromium = () =>
  ensureProgram({
    name: "Chromium",
    from: "chromium",
    places: ["/usr/bin/chromium", "/usr/bin/chromium-browser"],
    named: "STENZ_CHROMIUM",
  });
