import { useTranslation } from "react-i18next";
import { shown } from "../kit/numbers";
import type { Class } from "./class";

/** As the class page has it, and as it is sent. */
type Kept = Class["settings"]["tolerances"];
type Props = { one: Class; own: Kept; keep: (tolerances: Kept) => void };

const numberOf = (text: string) => Number(text.trim().replace(",", "."));

/** How far from the target is still Level, by family, and the least that is asked of anyone; empty goes back to the usual. */
export default function Tolerances({ one, own, keep }: Props) {
  const { t, i18n } = useTranslation();
  const text = (number: number) => shown(number, Number.isInteger(number) ? 0 : 1, i18n.language);
  const percents = own.percents as Record<string, number>;
  return (
    <details className="tolerances">
      <summary className="h2rim">{t("class.tolerances")}</summary>
      <p className="soft">{t("class.tolerancesHint")}</p>
      <div className="settings">
        {one.families.map(({ family, percent, usual }) => (
          <label key={`${family} ${percent}`} className="field">
            <span>
              {t(`family.${family}`)} <span className="soft">{t("class.usually", { percent: text(usual) })}</span>
            </span>
            <input
              inputMode="decimal"
              defaultValue={text(percent)}
              maxLength={5}
              onBlur={(event) => {
                const { [family]: _, ...others } = percents;
                const typed = numberOf(event.target.value);
                if (event.target.value.trim() === "" || typed === usual) {
                  if (family in percents) keep({ ...own, percents: others });
                } else if (typed !== percent) {
                  keep({ ...own, percents: { ...others, [family]: typed } });
                }
              }}
            />
          </label>
        ))}
        {(["small_floor_g", "floor_g"] as const).map((floor) => (
          <label key={floor} className="field">
            <span>{t(`class.${floor}`)}</span>
            <input
              inputMode="decimal"
              defaultValue={text(own[floor])}
              maxLength={5}
              onBlur={(event) => {
                const typed = numberOf(event.target.value);
                if (event.target.value.trim() !== "" && typed !== own[floor]) keep({ ...own, [floor]: typed });
              }}
            />
          </label>
        ))}
      </div>
    </details>
  );
}
