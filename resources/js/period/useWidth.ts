import { useEffect, useRef, useState } from "react";
import { LEAST_WIDE } from "./period";

/** How wide an element is drawn, in px; as narrow as a timeline may be where nothing is drawn, and on paper. */
export function useWidth<T extends HTMLElement>() {
  const element = useRef<T>(null);
  const [wide, setWide] = useState(LEAST_WIDE);
  useEffect(() => {
    if (!element.current || typeof ResizeObserver === "undefined") return;
    const watching = new ResizeObserver(([one]) => setWide(Math.max(LEAST_WIDE, one?.contentRect.width ?? 0)));
    watching.observe(element.current);
    return () => watching.disconnect();
  }, []);
  return [element, wide] as const;
}
