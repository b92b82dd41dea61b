const KEPT = "hovik.theme";

/** flour or cast-iron if somebody chose; else as the system says. */
export function applyTheme() {
  const kept = localStorage.getItem(KEPT);
  if (kept) document.documentElement.dataset.theme = kept;
}

export const isDark = () =>
  (document.documentElement.dataset.theme ??
    (matchMedia("(prefers-color-scheme: dark)").matches ? "cast-iron" : "flour")) === "cast-iron";

export function chooseTheme(dark: boolean) {
  localStorage.setItem(KEPT, dark ? "cast-iron" : "flour");
  applyTheme();
}
