import { useTranslation } from "react-i18next";
import FieldProblem from "../kit/FieldProblem";
import NamesToTap from "../kit/NamesToTap";
import { shown } from "../kit/numbers";
import { useDraft } from "./draft";
import { type Kitchen, type Line, useKitchen } from "./kitchen";

type Props = {
  line: Line;
  scale: Kitchen["scales"][number] | undefined;
  choose: (id: number) => void;
  problem: string | undefined;
};

/** Which scale; and where it may show ounces, which of the two its display counts. */
export default function ScaleChoice({ line, scale, choose, problem }: Props) {
  const { t, i18n } = useTranslation();
  const kitchen = useKitchen();
  const [draft, change] = useDraft(line.id);
  // On a phone the rest is out of sight at the side.
  const fits = ({ id }: { id: number }) => Number(line.fit_scales.includes(id));
  const fitFirst = [...kitchen.scales].sort((a, b) => fits(b) - fits(a));
  return (
    <fieldset>
      <legend className="label">{t("weigh.which")}</legend>
      <NamesToTap
        names={fitFirst.map(({ id, name, step, decimals }) => {
          const steps = t("weigh.step", { step: shown(step, decimals, i18n.language) });
          return { id, name, under: line.fit_scales.includes(id) ? steps : `${steps}, ${t("weigh.coarse")}` };
        })}
        chosen={scale?.id}
        onChoose={choose}
      />
      <FieldProblem>{problem}</FieldProblem>
      {scale?.may_show_ounces && (
        <fieldset className="choices">
          <legend className="label">{t("weigh.unit")}</legend>
          {(["g", "oz"] as const).map((unit) => (
            <button
              key={unit}
              type="button"
              className="name"
              aria-pressed={(draft.unit ?? "g") === unit}
              onClick={() => change({ unit })}
            >
              {t(`weigh.unit-${unit}`)}
            </button>
          ))}
        </fieldset>
      )}
    </fieldset>
  );
}
