import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  logLevel: "warn",
  build: { manifest: true, assetsInlineLimit: 0, modulePreload: { polyfill: false }, reportCompressedSize: false, rolldownOptions: { checks: { pluginTimings: false } } },
});
