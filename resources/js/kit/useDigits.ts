import { useLayoutEffect } from "react";

/**
 * A keyboard types digits wherever the focus is, as on the scale's own screen; in a box they are the box's own.
 * Before the first drawing: who sees the readout may type at once.
 *
 * @param longest signs
 */
export function useDigits(type: (next: (before: string) => string) => void, longest: number) {
  useLayoutEffect(() => {
    const hear = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.target instanceof HTMLInputElement) return;
      if (/^[0-9.,]$/.test(event.key)) type((before) => (before + event.key).slice(0, longest));
      if (event.key === "Backspace") type((before) => before.slice(0, -1));
    };
    window.addEventListener("keydown", hear);
    return () => window.removeEventListener("keydown", hear);
  });
}
