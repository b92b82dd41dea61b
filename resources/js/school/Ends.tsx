import { useTranslation } from "react-i18next";
import { useDay } from "../kit/useDay";
import { useEnds } from "./useSchool";

/** Which classes are erased by themselves, and when: the next one first. */
export default function Ends() {
  const { t } = useTranslation();
  const day = useDay();
  const ends = useEnds();
  return (
    <section>
      <h2 className="h2rim">{t("school.ends")}</h2>
      <p className="soft pt-2">{t("school.endsHint")}</p>
      <ul className="ends">
        {ends.data?.classes.map((one) => (
          <li key={one.id}>
            <b>{one.name}</b>
            <span>
              {one.teacher} · {t("school.students", { count: one.students })}
              {one.archived && ` · ${t("school.archived")}`}
            </span>
            <span className="num">
              {one.ends_on ? day(one.ends_on) : t(one.kept ? "school.keptByHand" : "school.keptForever")}
            </span>
          </li>
        ))}
      </ul>
      {ends.data?.classes.length === 0 && <p className="py-3">{t("school.noClasses")}</p>}
    </section>
  );
}
