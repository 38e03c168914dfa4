import { createHash } from "node:crypto";
import { CacheProvider } from "@emotion/react";
import CssBaseline from "@mui/material/CssBaseline";
import { ThemeProvider } from "@mui/material/styles";
import { renderToStaticMarkup } from "react-dom/server";
import { insertedStyles, styleCache } from "./styleCache.ts";
import { theme } from "./theme.ts";

/** What every page looks like before any component: the theme's colours as variables, and how plain elements stand. */
export interface BaseStyles {
  readonly css: string;
  /** Where it is served; another text has another address. */
  readonly address: string;
}

let rendered: BaseStyles | null = null;

/** They are the same for every page and every request, so they are worked out once and kept by the browser. */
export function baseStyles(): BaseStyles {
  rendered ??= render();
  return rendered;
}

function render(): BaseStyles {
  const cache = styleCache("");
  cache.compat = true;
  renderToStaticMarkup(
    <CacheProvider value={cache}>
      <ThemeProvider theme={theme} defaultMode="light">
        <CssBaseline />
      </ThemeProvider>
    </CacheProvider>,
  );
  const css = insertedStyles(cache)
    .map(([, text]) => text)
    .join("");
  return { css, address: `/base-${createHash("sha256").update(css).digest("hex").slice(0, 12)}.css` };
}
