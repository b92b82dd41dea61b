const KEY = "hovik.letters-off";

/** Single keys act only where nobody is typing, and where nobody turned them off. */
export const isTyping = (event: { target: EventTarget | null; ctrlKey: boolean; metaKey: boolean; altKey: boolean }) =>
  event.ctrlKey ||
  event.metaKey ||
  event.altKey ||
  localStorage.getItem(KEY) === "off" ||
  event.target instanceof HTMLInputElement ||
  event.target instanceof HTMLTextAreaElement ||
  event.target instanceof HTMLSelectElement;
