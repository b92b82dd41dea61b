import "../../css/student/craft.css";
import { useId } from "react";
import { useTranslation } from "react-i18next";
import ScaleDrawing from "../kit/ScaleDrawing";
import VerdictGlyph from "../kit/VerdictGlyph";

const CRAFT = ["tare", "level", "shy", "heaped", "fill"] as const;

/** As cups are drawn for the results; a fill is the cup that waits for it. */
const CUPS = { level: "level", shy: "shy", heaped: "heaped", fill: "none" } as const;

/** Words of the craft that stand on this screen: a tap says what each means, with a drawing. Esc or a tap beside it closes it. */
export default function CraftWords({ texts }: { texts: (string | null | undefined)[] }) {
  const { t } = useTranslation();
  const id = useId();
  const all = texts.filter(Boolean).join(" ");
  const here = CRAFT.filter((word) =>
    new RegExp(`(?<!\\p{L})(?:${t(`craft.${word}.words`)})(?!\\p{L})`, "iu").test(all),
  );
  if (here.length === 0) return null;
  return (
    <p className="craft-words">
      {here.map((word) => (
        <span key={word}>
          <button type="button" className="craft-word" popoverTarget={`${id}${word}`}>
            {t("craft.what", { word: t(`craft.${word}.name`) })}
          </button>
          <span id={`${id}${word}`} popover="auto" className="craft-means">
            {word === "tare" ? (
              <ScaleDrawing label={t("craft.tare.name")} reads="0" />
            ) : (
              <VerdictGlyph verdict={CUPS[word]} size={96} hidden />
            )}
            <span>
              <b>{t(`craft.${word}.name`)}</b> {t(`craft.${word}.means`)}
            </span>
          </span>
        </span>
      ))}
    </p>
  );
}
