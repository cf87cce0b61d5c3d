import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { setNonce } from "get-nonce";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { prune } from "./api/kept";
import { Problem } from "./api/Problem";
import { App } from "./app/App";
import { Toasts } from "./kit/Toasts";
import "./kit/tokens.css";

// Dialogs lay a style over the page that is beneath them; nothing else may.
setNonce(document.querySelector<HTMLMetaElement>("meta[name=style-nonce]")?.content ?? "");

const client = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => count < 2 && error instanceof Problem && (error.passing || error.status >= 500),
      networkMode: "always",
    },
    mutations: { networkMode: "always" },
  },
});

// Only where the address is secure, which the kitchen's own machine and https are: elsewhere nothing is kept without the server.
if (import.meta.env.PROD && "serviceWorker" in navigator) {
  window.addEventListener("load", () => navigator.serviceWorker.register("/sw.js").catch(() => undefined));
}

prune(Date.now()).catch(() => undefined);

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <BrowserRouter>
          <Toasts>
            <App />
          </Toasts>
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
}
