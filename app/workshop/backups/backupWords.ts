import { formatDay } from "../../../core/units/index.ts";

/** When a backup was taken, as it is read: in universal time, as its name has it. */
export const timeWords = (iso: string): string => `${formatDay(iso.slice(0, 10))}, ${iso.slice(11, 16)} UTC`;

/** How large a file is. */
export const bytesWords = (bytes: number): string =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1e6).toFixed(1)} MB`;
