import "@fontsource-variable/archivo/wght.css";
import "@fontsource/barlow/latin-500.css";
import "@fontsource/barlow/latin-600.css";
import "./look.css";

import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { setNonce } from "get-nonce";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { RouterProvider } from "react-router/dom";

import { ApiError } from "./api/client";
import { routes } from "./routes";

// Radix adds a style element for some of its parts; the page's policy lets it in by this nonce.
const nonce = document.querySelector<HTMLMetaElement>("meta[name=style-nonce]")?.content;
if (nonce) setNonce(nonce);

// Who is not signed in any more is sent to where that is done; what was typed is saved or said before.
const signedOut = (error: Error) => {
  const coming = /^\/(sign-in|sign-up|reset)$/.test(location.pathname);
  if (error instanceof ApiError && error.status === 401 && !coming) location.assign("/sign-in");
};
const queries = new QueryClient({
  queryCache: new QueryCache({ onError: signedOut }),
  mutationCache: new MutationCache({ onError: signedOut }),
  // The application is on this machine: it answers where there is no network.
  defaultOptions: {
    queries: {
      networkMode: "always",
      retry: false,
      staleTime: 5000,
      refetchOnWindowFocus: false,
    },
    mutations: { networkMode: "always" },
  },
});

const bench = document.getElementById("bench");
if (bench) {
  createRoot(bench).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <RouterProvider router={routes} />
      </QueryClientProvider>
    </StrictMode>,
  );
}
