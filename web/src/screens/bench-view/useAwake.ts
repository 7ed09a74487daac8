import { useEffect } from "react";

/** The screen stays lit while she works, where the browser can do that; again when she comes back to it. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    const ask = async () => {
      if (document.visibilityState !== "visible") return;
      lock = await navigator.wakeLock?.request("screen").catch(() => undefined);
    };
    const again = () => void ask();
    void ask();
    document.addEventListener("visibilitychange", again);
    return () => {
      document.removeEventListener("visibilitychange", again);
      void lock?.release();
    };
  }, []);
}
