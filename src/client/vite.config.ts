import { brotliCompressSync, constants } from "node:zlib";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";

/** Packs scripts and styles once, at the best level, so that the server only picks the packed file. */
function pack(): Plugin {
  return {
    name: "pack",
    apply: "build",
    closeBundle() {
      const folder = join(import.meta.dirname, "dist/assets");
      for (const name of readdirSync(folder).filter((n) => /\.(js|css|svg)$/.test(n))) {
        const packed = brotliCompressSync(readFileSync(join(folder, name)), {
          params: { [constants.BROTLI_PARAM_QUALITY]: 11 },
        });
        writeFileSync(join(folder, name + ".br"), packed);
      }
    },
  };
}

export default defineConfig({
  plugins: [react(), tailwindcss(), pack()],
  build: { target: "es2022", modulePreload: { polyfill: false }, chunkSizeWarningLimit: 700, assetsInlineLimit: 0 },
  html: { cspNonce: "__NONCE__" },
  server: { proxy: { "/api": "http://127.0.0.1:5080" } },
  // A busy machine is slow, not wrong: the limit is for a test that never ends.
  // A test that needs a page says so in its first line; a page for each of the others would cost more than they do.
  test: { environment: "node", testTimeout: 60_000, hookTimeout: 60_000 },
} as Parameters<typeof defineConfig>[0]);
