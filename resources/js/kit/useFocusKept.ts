import { useEffect, useRef } from "react";

/**
 * Where the focus goes when what had it is taken away, so that somebody without a mouse goes on from there.
 *
 * @param amount how much there is of what may be taken away; when it falls and the focus is lost, the element gets it
 */
export function useFocusKept<T extends HTMLElement>(amount: number) {
  const element = useRef<T>(null);
  const before = useRef(amount);
  useEffect(() => {
    if (amount < before.current && document.activeElement === document.body) element.current?.focus();
    before.current = amount;
  }, [amount]);
  return element;
}
