import { reactRouter } from "@react-router/dev/vite";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [reactRouter()],
  // The content security policy allows no inlined fonts or pictures but small data images of our own.
  build: { assetsInlineLimit: 0 },
  environments: {
    // Server code and routes share one bundle: context keys compare by identity.
    ssr: { build: { rollupOptions: { input: "./app/.server/main.ts" } } },
  },
});
