import { useEffect, useRef } from "react";
import { useTranslation } from "react-i18next";
import { Speaker } from "../kit/icons";
import { useReadAloud } from "../kit/useReadAloud";

/** What a screen says: its heading, then what is marked to be read. */
function onScreen(): string {
  const parts = [...document.querySelectorAll<HTMLElement>("main h1, main [data-aloud]")];
  return parts
    .map((one) => one.getAttribute("aria-label") ?? one.textContent ?? "")
    .map((one) => one.replace(/\s+/g, " ").trim())
    .filter(Boolean)
    .join(". ");
}

/** Reads the screen aloud when it comes, and each new step; and again at a tap. Only where somebody turned it on. */
export default function ReadAloud() {
  const { t } = useTranslation();
  const { isOn, say } = useReadAloud();
  const said = useRef("");
  // biome-ignore lint/correctness/useExhaustiveDependencies: after each drawing, since what stands there may be another step
  useEffect(() => {
    if (!isOn) return;
    const now = onScreen();
    if (now === said.current || now === "") return;
    said.current = now;
    say(now);
  });
  if (!isOn) return null;
  return (
    <button type="button" className="quiet read-aloud" aria-label={t("way.readAgain")} onClick={() => say(onScreen())}>
      <Speaker size={28} />
    </button>
  );
}
