import { useTranslation } from "react-i18next";
import { useLocation, useNavigate } from "react-router";
import { nameAmong, useClassHere } from "./useClassHere";

/** Which class is in question; with only one there is nothing to choose. */
export default function ClassSwitch() {
  const { t } = useTranslation();
  const go = useNavigate();
  const { pathname } = useLocation();
  const { sections, section, choose } = useClassHere();
  if (sections.length < 2 || !section) return null;
  return (
    <label className="class-switch">
      <span className="unseen">{t("places.class")}</span>
      <select
        value={section.id}
        onChange={(event) => {
          choose(Number(event.target.value));
          if (/^\/class\/\d+/.test(pathname)) go(`/class/${event.target.value}`);
        }}
      >
        {sections.map((one) => (
          <option key={one.id} value={one.id}>
            {nameAmong(one, sections)}
          </option>
        ))}
      </select>
    </label>
  );
}
