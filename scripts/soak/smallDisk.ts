import { type ChildProcess, spawn, spawnSync } from "node:child_process";

/** A file system of a few megabytes, in memory, that only programs started under it see. */
export interface SmallDisk {
  /** Where it is mounted, for programs under it. */
  readonly folder: string;
  /** The same folder as anybody else reaches it. */
  readonly outside: string;
  /** What a program is started with to see it. */
  readonly under: readonly string[];
  /** Makes it one that can only be read. */
  readOnly(): void;
  close(): Promise<void>;
}

/** As the administrator of a machine, or as anybody where the kernel lets them have a space of names of their own. */
const WAYS = [
  { apart: ["--mount"], enter: ["--mount"] },
  { apart: ["--user", "--map-root-user", "--mount"], enter: ["--user", "--preserve-credentials", "--mount"] },
];

const mounting = (folder: string, bytes: number): string => `mount -t tmpfs -o size=${bytes} small "${folder}"`;

/** The first way that works here; undefined where none does, as in a container that forbids it. */
const wayHere = (folder: string) =>
  WAYS.find(({ apart }) => spawnSync("unshare", [...apart, "sh", "-c", mounting(folder, 65_536)]).status === 0);

/** Mounts one on a folder; null where this machine lets nobody. */
export async function smallDisk(folder: string, bytes: number): Promise<SmallDisk | null> {
  const way = wayHere(folder);
  if (!way) return null;
  const script = `${mounting(folder, bytes)} && echo mounted && exec sleep 3600`;
  const holder = spawn("unshare", [...way.apart, "sh", "-c", script], { stdio: ["ignore", "pipe", "inherit"] });
  await mounted(holder);
  const under = ["nsenter", `--target=${holder.pid}`, ...way.enter];
  return {
    folder,
    outside: `/proc/${holder.pid}/root${folder}`,
    under,
    readOnly() {
      const [program = "", ...rest] = under;
      const { status } = spawnSync(program, [...rest, "mount", "-o", "remount,ro", folder], { stdio: "inherit" });
      if (status !== 0) throw new Error("The small disk could not be made read-only.");
    },
    async close() {
      const ended = new Promise((resolve) => holder.once("exit", resolve));
      holder.kill();
      await ended;
    },
  };
}

const mounted = (holder: ChildProcess): Promise<void> =>
  new Promise((resolve, reject) => {
    holder.stdout?.once("data", () => resolve());
    holder.once("exit", () => reject(new Error("The small disk could not be mounted.")));
  });
