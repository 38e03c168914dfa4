/**
 * The server of one worker of the browser tests, told by its parent what to do: `open` serves the demo workshop as it is
 * shipped, always at the address told at the start; `close` stops it, `again` serves what was left. The workshop is made once and copied then.
 */
import { copyFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { buildFolder } from "../scripts/build.mjs";

process.env.NODE_ENV = "production";
const { startServer } = await import(pathToFileURL(join(buildFolder, "server/index.js")).href);

const folder = process.argv[2];
const [template, live] = [join(folder, "template.sqlite"), join(folder, "demo.sqlite")];
// The first serving picks a free port; a browser knows again only the scripts of the same address.
let port = 0;
const serve = (dataFile, demo) =>
  startServer({
    host: "127.0.0.1",
    // For the network too on this machine only: whoever comes that way is asked who they are all the same.
    shareHost: "127.0.0.1",
    names: [],
    port,
    spare: 0,
    keepsUp: false,
    dataFile,
    demo,
    clientFolder: join(buildFolder, "client"),
  });

// Stopped, all of it stands in the one file and can be copied.
const first = await serve(template, true);
const address = first.address.replace(/\/$/, "");
port = Number(new URL(address).port);
await first.stop();

let running = null;
const DO = {
  async open() {
    for (const ending of ["", "-wal", "-shm"])
      for (const file of [live, live.replace(".sqlite", ".access.sqlite")]) rmSync(file + ending, { force: true });
    rmSync(join(folder, "backups"), { recursive: true, force: true });
    copyFileSync(template, live);
    running = await serve(live, false);
  },
  async again() {
    running = await serve(live, false);
  },
  async close() {
    await running?.stop();
    running = null;
  },
};

process.on("message", async (what) => {
  try {
    process.send({ answer: (await DO[what]()) ?? "" });
  } catch (cause) {
    process.send({ failed: String(cause?.stack ?? cause) });
  }
});
process.on("disconnect", () => process.exit(0));
process.send({ answer: address });
