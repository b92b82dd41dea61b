import { useTranslation } from "react-i18next";
import { Link, useSearchParams } from "react-router";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useClassHere } from "../shell/useClassHere";
import LibraryScreen from "./LibraryScreen";

/** The same library on the wall: by the class named in the address, or the one in question. */
export default function TeacherLibrary() {
  const { t } = useTranslation();
  const [search] = useSearchParams();
  const { today, section: here } = useClassHere();
  if (today.isPending) return <Loading />;
  if (!today.data) return <ProblemNote error={today.error} retry={today.refetch} />;
  const section = Number(search.get("class")) || here?.id;
  if (section === undefined) return <p className="ready">{t("ready.noClass")}</p>;
  return (
    <>
      <p className="lib-up">
        <Link className="quiet" to="/practise">
          {t("places.practise")}
        </Link>
        <Link className="quiet" to="/practise/words">
          {t("words.link")}
        </Link>
      </p>
      <LibraryScreen section={section} home="/practise/techniques" />
    </>
  );
}
