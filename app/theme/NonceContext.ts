import { createContext } from "react";

/** Nonce for the scripts of this page; empty in the browser, which no longer needs it. */
export const NonceContext = createContext("");
