import "@fontsource-variable/archivo/wght.css";
import "@fontsource/barlow/latin-500.css";
import "@fontsource/barlow/latin-600.css";
import "./look.css";
import "./hers.css";

import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { setNonce } from "get-nonce";
import { Tooltip } from "radix-ui";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { RouterProvider } from "react-router/dom";

import { worthRetrying } from "./api/client";
import { routes } from "./routes";

// Radix adds a style element for some of its parts; the page's policy lets it in by this nonce.
const nonce = document.querySelector<HTMLMetaElement>("meta[name=style-nonce]")?.content;
if (nonce) setNonce(nonce);

const queries = new QueryClient({
  defaultOptions: {
    queries: { retry: worthRetrying, retryDelay: 1000, staleTime: 5000, refetchOnWindowFocus: false },
  },
});

const bench = document.getElementById("bench");
if (bench) {
  createRoot(bench).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Tooltip.Provider delayDuration={400}>
          <RouterProvider router={routes} />
        </Tooltip.Provider>
      </QueryClientProvider>
    </StrictMode>,
  );
}
