/** Where it is kept that single letters do nothing here. */
export const LETTERS_OFF = "hovik.letters-off";

/** Single keys act only where nobody is typing, and where nobody turned them off. */
export const isTyping = (event: { target: EventTarget | null; ctrlKey: boolean; metaKey: boolean; altKey: boolean }) =>
  event.ctrlKey ||
  event.metaKey ||
  event.altKey ||
  localStorage.getItem(LETTERS_OFF) === "off" ||
  event.target instanceof HTMLInputElement ||
  event.target instanceof HTMLTextAreaElement ||
  event.target instanceof HTMLSelectElement;
