import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { readWorkshopDays } from "../../app/.server/read/workshopDays.ts";
import { dayView, isoOf, momentOf, NEW_DAYS } from "../../core/days/index.ts";
import { NEW_SEWING } from "../../core/sewing/index.ts";
import { addDemoWorkshop } from "../../data/demo/index.ts";
import { openStore } from "../../data/store.ts";
import { type Figures, quantile } from "./report.ts";

const [JOBS, ROUNDS, DAY] = [500, 60, 24 * 60] as const;

/** The day page with 500 jobs that are wanted within four weeks, each with an appointment and a step done. */
export async function* figures(): Figures {
  const folder = mkdtempSync(join(tmpdir(), "stenz-bench-"));
  const store = await openStore(join(folder, "days.sqlite"));
  try {
    await addDemoWorkshop(store);
    const now = momentOf(new Date().toISOString());
    const at = (days: number) => isoOf(now + days * DAY);
    await store.inTransaction(async ({ jobs, workings }) => {
      const one = await jobs.find(2);
      if (!one) throw new Error("The demo has a second job.");
      const { id: _, version: __, ...own } = one;
      for (let nth = 0; nth < JOBS; nth += 1) {
        const id = await jobs.add({ ...own, name: `Job ${nth}` });
        const appointment = { id: 1, kind: "fitting" as const, at: at(1 + (nth % 28)), minutes: 30, note: "" };
        const days = { ...NEW_DAYS, wantedOn: at(1 + (nth % 28)).slice(0, 10), appointments: [appointment] };
        await workings.save(id, "days", { working: days, texts: {}, version: 0 });
        const sewing = { ...NEW_SEWING, done: { cut: at(-3) }, spent: { cut: 30 } };
        await workings.save(id, "sewing", { working: sewing, texts: {}, version: 0 });
      }
    });
    const samples: number[] = [];
    for (let round = 0; round < ROUNDS; round += 1) {
      const from = performance.now();
      const { plan, hours, now: moment } = await readWorkshopDays(store);
      dayView(plan, isoOf(moment).slice(0, 10), hours.zone);
      samples.push(performance.now() - from);
    }
    yield { name: `day page, ${JOBS} jobs, median`, value: quantile(samples, 0.5), unit: "ms", under: 10 };
  } finally {
    await store.close();
    rmSync(folder, { recursive: true, force: true });
  }
}
