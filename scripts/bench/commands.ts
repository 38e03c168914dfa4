import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type Figures, quantile } from "./report.ts";

const ROUNDS = 5;
const ROOT = join(import.meta.dirname, "..", "..");

/** Processor time of a command from its start to its end, the children it starts included. */
export async function* figures(): Figures {
  const folder = mkdtempSync(join(tmpdir(), "stenz-bench-"));
  try {
    const cases = join(folder, "cases.json");
    writeFileSync(cases, JSON.stringify([{ kind: "allowance", input: { finish: "casing", width: 20, seam: 6.4 } }]));
    const drawing = [join(ROOT, "formats", "drafts", "brief.json"), "--out", folder, "--svg"];
    for (const [name, given] of [
      ["compute", [cases]],
      ["draft", drawing],
    ] as const) {
      const samples: number[] = [];
      for (let round = 0; round <= ROUNDS; round += 1) {
        const seconds = spentOn(["npm", "run", "--silent", name, "--", ...given]);
        // The first start builds what is started.
        if (round > 0) samples.push(seconds);
      }
      yield { name: `npm run ${name}, processor time, median`, value: quantile(samples, 0.5), unit: "s", under: 1 };
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Processor time of a command, its own and the system's, s: what the shell counted of its children. @throws where it failed. */
function spentOn(words: readonly string[]): number {
  const { status, stdout } = spawnSync("sh", ["-c", '"$@" > /dev/null || exit; times', "sh", ...words], {
    cwd: ROOT,
    encoding: "utf8",
    stdio: ["ignore", "pipe", "inherit"],
  });
  const [, ofChildren] = stdout.trim().split("\n");
  const times = [...(ofChildren ?? "").matchAll(/(\d+)m([\d.]+)s/g)].map(([, min, s]) => Number(min) * 60 + Number(s));
  if (status !== 0 || times.length !== 2) throw new Error(`${words.join(" ")} did not come to its end.`);
  return times.reduce((sum, seconds) => sum + seconds, 0);
}
