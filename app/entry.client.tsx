import { CacheProvider } from "@emotion/react";
import { StrictMode, startTransition } from "react";
import { hydrateRoot } from "react-dom/client";
import { HydratedRouter } from "react-router/dom";
import { styleCache } from "./theme/styleCache.ts";

// Browsers hide the nonce from the attribute but keep it on the element.
const nonce = document.querySelector<HTMLElement>("script[nonce]")?.nonce ?? "";

startTransition(() => {
  hydrateRoot(
    document,
    <StrictMode>
      <CacheProvider value={styleCache(nonce)}>
        <HydratedRouter />
      </CacheProvider>
    </StrictMode>,
  );
});
