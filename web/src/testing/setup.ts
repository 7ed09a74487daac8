import { cleanup, configure } from "@testing-library/react";
import { afterEach } from "vitest";

// On a busy machine what comes soon comes later.
configure({ asyncUtilTimeout: 8000 });

// What a browser has, and the one that is made up for tests has not.
if (typeof window !== "undefined") {
  window.HTMLElement.prototype.scrollIntoView = () => undefined;
  window.HTMLElement.prototype.hasPointerCapture = () => false;
  globalThis.ResizeObserver ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  window.matchMedia ??= (media: string) =>
    ({
      media,
      matches: false,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }) as unknown as MediaQueryList;
}

afterEach(() => {
  if (typeof window === "undefined") return;
  cleanup();
  window.localStorage.clear();
  window.sessionStorage.clear();
});
