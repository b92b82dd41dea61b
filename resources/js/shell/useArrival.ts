import { useEffect, useRef } from "react";
import { useLocation } from "react-router";

const LONGEST_MS = 5000;

/** The focus goes to the screen's heading. */
export function toHeading() {
  const heading = document.querySelector<HTMLElement>("h1");
  if (!heading) return;
  heading.tabIndex = -1;
  heading.focus({ preventScroll: true });
}

/**
 * At each change of screen its heading names the window and has the focus, so that a reader hears where it is and a keyboard goes on
 * from there. Not where somebody types already, and not at the first screen, where a browser begins at the top.
 */
export function useArrival() {
  const { pathname } = useLocation();
  const before = useRef(pathname);
  useEffect(() => {
    const isFirst = before.current === pathname;
    before.current = pathname;
    const arrive = () => {
      const heading = document.querySelector<HTMLElement>("h1");
      if (!heading) return false;
      document.title = `${(heading.dataset.title ?? heading.textContent ?? "").replace(/\s+/g, " ").trim()} · Hovik`;
      const { activeElement } = document;
      const isTyping = activeElement instanceof HTMLInputElement || activeElement instanceof HTMLTextAreaElement;
      if (!isFirst && !isTyping) toHeading();
      return true;
    };
    if (arrive()) return;
    // A screen that is still being fetched has its heading later.
    const watching = new MutationObserver(() => arrive() && watching.disconnect());
    watching.observe(document.body, { childList: true, subtree: true });
    const over = setTimeout(() => watching.disconnect(), LONGEST_MS);
    return () => {
      clearTimeout(over);
      watching.disconnect();
    };
  }, [pathname]);
}
