import { join } from "node:path";
import { reactRouter } from "@react-router/dev/vite";
import { defineConfig } from "vite";

/**
 * Packages that render pages: taken into the server's bundle, where the build knows that it is for production. Left
 * outside, each asks the environment again and again while it renders, and the router loads its development build.
 */
const RENDERING = [
  /^react($|\/)/,
  /^react-dom/,
  /^react-is/,
  /^@react-router\//,
  /^react-router/,
  /^@mui\//,
  /^@emotion\//,
  /^stylis/,
  /^@conform-to\//,
  /^@dnd-kit\//,
  /^@tanstack\//,
  /^use-sync-external-store/,
];

export default defineConfig(({ command }) => ({
  plugins: [reactRouter()],
  // The content security policy allows no inlined fonts or pictures but small data images of our own.
  build: { assetsInlineLimit: 0 },
  environments: {
    // Server code and routes share one bundle: context keys compare by identity.
    ssr: {
      build: { rollupOptions: { input: "./app/.server/main.ts" } },
      ...(command === "build"
        ? {
            define: { "process.env.NODE_ENV": JSON.stringify("production") },
            resolve: {
              noExternal: RENDERING,
              // Of its two builds the router's entry points name the one for development only.
              alias: [
                {
                  find: /^react-router$/,
                  replacement: join(import.meta.dirname, "node_modules/react-router/dist/production/index.mjs"),
                },
              ],
            },
          }
        : {}),
    },
  },
}));
