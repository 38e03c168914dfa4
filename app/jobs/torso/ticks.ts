import type { Fields } from "../../form/unsaved.ts";

const PREFIX = "tick.";

/** Name of the field of a linked piece's tick; its value is the amount it was ticked at. */
export const tickField = (key: string): string => `${PREFIX}${key}`;

/** Ticks of a form: the amount (mm) of every piece that is ticked. What is no number is no tick. */
export const readTicks = (fields: Fields): Record<string, number> =>
  Object.fromEntries(
    Object.entries(fields).flatMap(([name, text]) => {
      const amount = Number(text);
      return name.startsWith(PREFIX) && text !== "" && Number.isFinite(amount)
        ? [[name.slice(PREFIX.length), amount]]
        : [];
    }),
  );
