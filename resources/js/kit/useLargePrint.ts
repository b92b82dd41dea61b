import { useEffect } from "react";
import { store, useStored } from "./useStored";

const KEY = "hovik.letters";

/** Whether somebody in this tab has larger letters, and how to say so; `wanted`: where nobody has said yet. */
export function useLargePrint(wanted: boolean): [boolean, (large: boolean) => void] {
  const said = useStored(sessionStorage, KEY);
  return [said === null ? wanted : said === "large", (large) => store(sessionStorage, KEY, large ? "large" : "usual")];
}

/** Every screen is in larger letters, as long as whoever wants them is in. */
export function usePrintIn(isLarge: boolean) {
  useEffect(() => {
    document.documentElement.classList.toggle("large-print", isLarge);
    return () => document.documentElement.classList.remove("large-print");
  }, [isLarge]);
}

/** The next person at this device says for themselves. */
export const forgetPrint = () => store(sessionStorage, KEY, null);
