import { useEffect } from "react";

/** What the window is called. */
export function useTitle(title: string): void {
  useEffect(() => {
    document.title = title === "" ? "Oaken Gauge" : `${title} · Oaken Gauge`;
  }, [title]);
}
