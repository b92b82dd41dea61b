import { useTranslation } from "react-i18next";
import { NavLink } from "react-router";

const PARTS = ["", "labs", "skills", "rubrics", "misses", "experiments", "out"] as const;

/** The places within Review. */
export default function ReviewTabs() {
  const { t } = useTranslation();
  return (
    <nav className="review-tabs" aria-label={t("review.title")}>
      {PARTS.map((part) => (
        <NavLink key={part} to={`/review${part && `/${part}`}`} end={part === ""}>
          {t(`review.${part || "term"}`)}
        </NavLink>
      ))}
    </nav>
  );
}
