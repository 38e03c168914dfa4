import type { Family } from "./settings.ts";

/** True for a garment whose body gives, not its cloth. */
export const isBoned = ({ family }: { readonly family: Family }): boolean => family === "boned";
