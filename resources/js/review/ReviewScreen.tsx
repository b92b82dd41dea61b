import "../../css/prepare.css";
import "../../css/checks.css";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";

const PARTS = ["misses", "experiments"] as const;

/** Looking back: what a class's weigh-ins say. */
export default function ReviewScreen() {
  const { t } = useTranslation();
  return (
    <main className="desk review-parts">
      <h1>{t("review.title")}</h1>
      <ul>
        {PARTS.map((part) => (
          <li key={part}>
            <h2>
              <Link to={`/review/${part}`}>{t(`review.${part}`)}</Link>
            </h2>
            <p>{t(`review.${part}Hint`)}</p>
          </li>
        ))}
      </ul>
    </main>
  );
}
