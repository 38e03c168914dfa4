import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { build } from "vite";

const ROOT = join(import.meta.dirname, "..", "..");

/**
 * Loads a module of the benches as the application is shipped: bundled by the same builder. Run straight from source,
 * every inner function would be given its name anew at each call, which costs more than what it does.
 */
export async function asShipped<Module>(name: string): Promise<Module> {
  const outDir = join(ROOT, ".cache", "bench");
  await build({
    configFile: false,
    root: ROOT,
    publicDir: false,
    logLevel: "error",
    build: { ssr: join(import.meta.dirname, `${name}.ts`), outDir, emptyOutDir: true, target: "node20" },
  });
  return (await import(pathToFileURL(join(outDir, `${name}.js`)).href)) as Module;
}
