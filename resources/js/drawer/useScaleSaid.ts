import { useTranslation } from "react-i18next";
import { shown } from "../kit/numbers";
import { useDay } from "../kit/useDay";
import type { Scale } from "./drawer";

/** What is told of a scale: the step in which it counts (g), up to how much (g), and how it stands. */
export function useScaleSaid(scale: Scale) {
  const { t, i18n } = useTranslation();
  const day = useDay();
  const last = scale.checked_on ? t("drawer.checked", { day: day(scale.checked_on) }) : t("drawer.unchecked");
  return {
    step: shown(scale.step, scale.decimals, i18n.language),
    capacity: scale.capacity,
    state: scale.out_of_order ? t("drawer.isBroken") : last,
  };
}
