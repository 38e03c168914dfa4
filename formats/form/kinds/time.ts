import { fail, ok } from "../../../core/result.ts";
import type { FormSchema } from "../schema.ts";

const TIME = /^(\d{1,2})(?:[:.h](\d{2}))?$/;

/** A time of day as makers write one, `9`, `9:30`, `14.15`: read as minutes after midnight. */
export const timeOfDay = (title: string): FormSchema<number> => ({
  type: "integer",
  title,
  reads: (text) => {
    const [, hours, minutes = "0"] = TIME.exec(text.trim()) ?? [];
    const [h, m] = [Number(hours), Number(minutes)];
    return hours !== undefined && h < 24 && m < 60
      ? ok(h * 60 + m)
      : fail("time-unreadable", `Expected ${title} such as 14:30, but got “${text.slice(0, 20)}”.`);
  },
});
