import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import type { ReactElement } from "react";
import { createMemoryRouter, RouterProvider } from "react-router";

import { BenchGround } from "../parts/BenchGround";
import { Ground } from "../parts/Ground";

/** Opens a screen as a browser does: on the ground that all screens stand on, with nothing known yet. */
export function open(element: ReactElement, at = "/") {
  cleanup();
  const router = createMemoryRouter(
    [{ element: <Ground />, children: [{ element: <BenchGround />, children: [{ path: "*", element }] }] }],
    { initialEntries: [at] },
  );
  const queries = new QueryClient({
    defaultOptions: { queries: { retry: false, staleTime: 5000 }, mutations: { networkMode: "always" } },
  });
  render(
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  );
  return { router, hand: userEvent.setup(), screen };
}
