import { useEffect } from "react";

/** Keeps the screen on while the stove is looked at, where the browser can. */
export function useAwake(wanted: boolean) {
  useEffect(() => {
    if (!wanted || !("wakeLock" in navigator)) {
      return;
    }
    let lock: WakeLockSentinel | null = null;
    let left = false;
    const take = () => {
      if (document.visibilityState === "visible") {
        navigator.wakeLock.request("screen").then(
          (taken) => {
            lock = taken;
            if (left) {
              taken.release();
            }
          },
          () => undefined,
        );
      }
    };
    take();
    document.addEventListener("visibilitychange", take);
    return () => {
      left = true;
      document.removeEventListener("visibilitychange", take);
      lock?.release();
    };
  }, [wanted]);
}
