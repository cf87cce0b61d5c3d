import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";

/** A page's address changes with what it loads. */
const revisionOf = (files: { url: string; revision?: string | null }[]) =>
  files.map((file) => `${file.url} ${file.revision ?? ""}`).join("\n");

async function digest(text: string): Promise<string> {
  const bytes = new Uint8Array(await crypto.subtle.digest("SHA-256", new TextEncoder().encode(text)));
  return [...bytes.slice(0, 8)].map((byte) => byte.toString(16).padStart(2, "0")).join("");
}

export default defineConfig({
  base: "/build/",
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      injectRegister: false,
      manifest: false,
      workbox: {
        globPatterns: ["assets/*.{js,css,woff2}", "icon-*.png"],
        modifyURLPrefix: { "": "/build/" },
        manifestTransforms: [
          async (files) => ({
            manifest: [...files, { url: "/", revision: await digest(revisionOf(files)), size: 0 }],
            warnings: [],
          }),
        ],
        inlineWorkboxRuntime: true,
        navigateFallback: null,
        skipWaiting: true,
        clientsClaim: true,
        cleanupOutdatedCaches: true,
        sourcemap: false,
        runtimeCaching: [
          {
            // The server's page where it answers, the kept one where it doesn't: an update is never a visit late.
            urlPattern: ({ request, url }) =>
              request.mode === "navigate" && !/^\/(?:api|build|calendar)\//.test(url.pathname),
            handler: "NetworkFirst",
            options: { cacheName: "pages", networkTimeoutSeconds: 4, precacheFallback: { fallbackURL: "/" } },
          },
          {
            urlPattern: ({ url }) => /^\/api\/braises\/[^/]+\/sheet\.pdf$/.test(url.pathname),
            handler: "NetworkFirst",
            options: { cacheName: "sheets", networkTimeoutSeconds: 8, expiration: { maxEntries: 12 } },
          },
        ],
      },
    }),
  ],
  build: {
    outDir: "../public/build",
    emptyOutDir: true,
    manifest: true,
    rollupOptions: { input: "src/main.tsx" },
  },
});
