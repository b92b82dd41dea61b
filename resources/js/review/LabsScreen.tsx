import "../../css/prepare.css";
import "../../css/review.css";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/query";
import { useDay } from "../kit/useDay";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useClassHere } from "../shell/useClassHere";
import NoClass from "./NoClass";
import ReviewTabs from "./ReviewTabs";

/** The labs of a class that were held, to look back on and to mark. */
export default function LabsScreen() {
  const { section, today } = useClassHere();
  if (today.isPending) return <Loading />;
  return section ? <OfClass key={section.id} section={section.id} /> : <NoClass />;
}

function OfClass({ section }: { section: number }) {
  const { t } = useTranslation();
  const day = useDay();
  const page = $api.useQuery("get", "/api/sections/{section}/review", { params: { path: { section } } });
  if (page.isPending) return <Loading />;
  if (page.isError) return <ProblemNote error={page.error} retry={page.refetch} />;
  return (
    <main className="review">
      <ReviewTabs />
      <h1>{t("review.labs")}</h1>
      {page.data.labs.length === 0 && <p className="review-empty">{t("review.noLabs")}</p>}
      <ul className="review-labs">
        {page.data.labs.map((lab) => (
          <li key={lab.id}>
            <Link to={`/review/labs/${lab.id}`}>
              <b>{lab.title}</b>
              <span className="soft">{day(lab.day)}</span>
            </Link>
            <Link className="quiet" to={`/review/labs/${lab.id}/marks`}>
              {t("review.marks")}
            </Link>
          </li>
        ))}
      </ul>
    </main>
  );
}
