import type { RouteObject } from "react-router";

/** How long to wait before a screen's script is asked for again, in milliseconds. */
const AGAIN = [300, 1000];

const pause = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** A screen whose script is fetched when it is first gone to, and asked for again where it did not come. */
export function fetched(load: () => Promise<RouteObject["Component"]>): RouteObject["lazy"] {
  return async () => {
    for (const wait of AGAIN) {
      const came = await load().catch(() => null);
      if (came) return { Component: came };
      await pause(wait);
    }
    return { Component: await load() };
  };
}
