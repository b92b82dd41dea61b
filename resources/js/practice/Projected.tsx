import { useTranslation } from "react-i18next";
import { useSearchParams } from "react-router";
import Loading from "../shell/Loading";
import { useClassHere } from "../shell/useClassHere";
import "../../css/bench.css";
import "../../css/practice.css";
import "../../css/ready.css";
import OnTheWall from "./OnTheWall";
import { useAskedOfClass } from "./useAskedOfClass";

/** One question large on the wall; the class answers on paper or on its devices, then the answer is shown. */
export default function Projected() {
  const { t } = useTranslation();
  const [search] = useSearchParams();
  const { today, sections, section: here } = useClassHere();
  const section = sections.find((one) => String(one.id) === search.get("class")) ?? here;
  const asked = useAskedOfClass(section?.id);
  if (today.isPending) return <Loading />;
  if (today.data && section === undefined) return <p className="ready">{t("ready.noClass")}</p>;
  if (asked.now === undefined || section === undefined) return <Loading />;
  return <OnTheWall section={section.id} now={asked.now} {...asked.acts} />;
}
