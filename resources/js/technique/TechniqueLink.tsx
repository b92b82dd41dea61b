import { useTranslation } from "react-i18next";
import { Link, useLocation } from "react-router";

/** Opens the technique of a family, from wherever it is named; students come back to where they were. */
export default function TechniqueLink({ family, children }: { family: string; children?: React.ReactNode }) {
  const { t } = useTranslation();
  const { pathname } = useLocation();
  const home = pathname.startsWith("/kitchen") ? "/kitchen/techniques" : "/practise/techniques";
  return (
    <Link className="quiet underline underline-offset-3" to={`${home}/${family}`} state={pathname}>
      {children ?? t("measure.how")}
    </Link>
  );
}
