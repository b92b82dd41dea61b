import { useEffect } from "react";

/** Keeps a station's screen awake while a lab is on, where the browser can. */
export function useScreenAwake(isOn: boolean) {
  useEffect(() => {
    if (!isOn || !navigator.wakeLock) return;
    let lock: WakeLockSentinel | undefined;
    const ask = () => {
      if (document.visibilityState === "visible")
        navigator.wakeLock.request("screen").then(
          (one) => (lock = one),
          () => {},
        );
    };
    ask();
    document.addEventListener("visibilitychange", ask);
    return () => {
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, [isOn]);
}
