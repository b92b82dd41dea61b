import { type RefObject, useEffect, useRef } from "react";

/** Each step of one page is a page to who listens: its heading has the focus when it comes up, so that it is heard. */
export function useArrivalFocus(within: RefObject<HTMLElement | null>, step: string) {
  const before = useRef(step);
  useEffect(() => {
    if (before.current === step) return;
    before.current = step;
    const heading = within.current?.querySelector<HTMLElement>("h1");
    heading?.setAttribute("tabindex", "-1");
    heading?.focus();
    window.scrollTo(0, 0);
  }, [step, within]);
}
