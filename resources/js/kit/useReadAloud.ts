import { useCallback } from "react";
import { useTranslation } from "react-i18next";
import { store, useStored } from "./useStored";

const KEY = "hovik.aloud";

/** The browser's own voice: off until somebody wants it; kept in this tab. */
export const canReadAloud = () => "speechSynthesis" in window;

export function useReadAloud() {
  const { i18n } = useTranslation();
  const isOn = useStored(sessionStorage, KEY) === "on" && canReadAloud();
  const say = useCallback(
    (text: string) => {
      const spoken = new SpeechSynthesisUtterance(text);
      spoken.lang = i18n.language;
      speechSynthesis.cancel(); // what is old is not said to its end
      speechSynthesis.speak(spoken);
    },
    [i18n.language],
  );
  const turn = (on: boolean) => {
    store(sessionStorage, KEY, on ? "on" : null);
    if (!on) speechSynthesis.cancel();
  };
  return { isOn, turn, say };
}

/** The next person at this device says for themselves. */
export const forgetVoice = () => store(sessionStorage, KEY, null);
