import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  logLevel: "warn",
  test: { setupFiles: ["src/testing/setup.ts"], testTimeout: 20_000 },
  build: {
    manifest: true,
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    reportCompressedSize: false, // What several screens share is one file: a browser asks for few at a time.
    rolldownOptions: {
      checks: { pluginTimings: false },
      output: { advancedChunks: { groups: [{ name: "shared", minShareCount: 3 }] } },
    },
  },
});
