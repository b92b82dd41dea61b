import { useEffect } from "react";
import { store, useStored } from "./useStored";

const KEY = "hovik.letters";

/** Larger letters on every screen of this tab, once somebody wants them; `wanted`: where nobody has said yet. */
export function useLargePrint(wanted: boolean): [boolean, (large: boolean) => void] {
  const said = useStored(sessionStorage, KEY);
  const isLarge = said === null ? wanted : said === "large";
  useEffect(() => {
    document.documentElement.classList.toggle("large-print", isLarge);
  }, [isLarge]);
  return [isLarge, (large) => store(sessionStorage, KEY, large ? "large" : "usual")];
}
