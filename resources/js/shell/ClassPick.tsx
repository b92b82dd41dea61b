import { useTranslation } from "react-i18next";
import { nameAmong, useClassHere } from "./useClassHere";

type Props = { value: number | undefined; choose: (section: number) => void };

/** For which class something is; with only one there is nothing to choose. */
export default function ClassPick({ value, choose }: Props) {
  const { t } = useTranslation();
  const { sections } = useClassHere();
  if (sections.length < 2 || value === undefined) return null;
  return (
    <label className="field">
      <span>{t("recipe.class")}</span>
      <select value={value} onChange={(event) => choose(Number(event.target.value))}>
        {sections.map((one) => (
          <option key={one.id} value={one.id}>
            {nameAmong(one, sections)}
          </option>
        ))}
      </select>
    </label>
  );
}
