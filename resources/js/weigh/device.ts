import { ulid } from "ulid";

const KEY = "hovik.device";

/** A name this tab gave itself, so that it knows itself among the devices of its station. */
export function deviceName(): string {
  const known = sessionStorage.getItem(KEY);
  if (known) return known;
  const name = ulid().slice(-8);
  sessionStorage.setItem(KEY, name);
  return name;
}

/** Weigh-ins that went off from here, and when, in ms since 1970: nobody is told of their own. */
export const sentFromHere = new Map<string, number>();
