import { useEffect, useRef, useState } from "react";

/**
 * How wide an element is drawn, in px; as narrow as a picture may be where nothing is drawn, and on paper.
 *
 * @param least px
 */
export function useWidth<T extends HTMLElement>(least: number) {
  const element = useRef<T>(null);
  const [wide, setWide] = useState(least);
  useEffect(() => {
    if (!element.current || typeof ResizeObserver === "undefined") return;
    const watching = new ResizeObserver(([one]) => setWide(Math.max(least, one?.contentRect.width ?? 0)));
    watching.observe(element.current);
    return () => watching.disconnect();
  }, [least]);
  return [element, wide] as const;
}
