import { useSyncExternalStore } from "react";

const WIDE = "(min-width: 1101px)";

const subscribe = (listener: () => void) => {
  const query = matchMedia(WIDE);
  query.addEventListener("change", listener);
  return () => query.removeEventListener("change", listener);
};

/** There is room for an aside beside the page. */
export const useIsWide = () => useSyncExternalStore(subscribe, () => matchMedia(WIDE).matches);
