import type { KeyboardEvent } from "react";

const middle = (one: Element) => {
  const { left, right } = one.getBoundingClientRect();
  return (left + right) / 2;
};

/** The arrow keys go along a rim, and to what hangs nearest on the next one. */
export function alongTheRims(event: KeyboardEvent<HTMLElement>) {
  const here = (event.target as Element).closest(".hung-one");
  if (!here) return;
  const all = [...event.currentTarget.querySelectorAll<HTMLElement>(".hung-one")];
  const at = all.indexOf(here as HTMLElement);
  const row = (one: Element) => one.getBoundingClientRect().top;
  const rows = [...new Set(all.map(row))].sort((a, b) => a - b);
  const beside = (step: 1 | -1) =>
    all
      .filter((one) => row(one) === rows[rows.indexOf(row(here)) + step])
      .sort((a, b) => Math.abs(middle(a) - middle(here)) - Math.abs(middle(b) - middle(here)))[0];
  const to =
    event.key === "ArrowRight"
      ? all[at + 1]
      : event.key === "ArrowLeft"
        ? all[at - 1]
        : event.key === "ArrowDown"
          ? beside(1)
          : event.key === "ArrowUp"
            ? beside(-1)
            : undefined;
  if (!to) return;
  event.preventDefault();
  to.focus();
}
