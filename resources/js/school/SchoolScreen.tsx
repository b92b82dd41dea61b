import "../../css/prepare.css";
import "../../css/school.css";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import Calendar from "./Calendar";
import Ends from "./Ends";
import Kitchens from "./Kitchens";
import Log from "./Log";
import PeopleTable from "./PeopleTable";
import SchoolSettings from "./SchoolSettings";
import { useSchool } from "./useSchool";

/** What the keeper looks after: people, settings, when what is stored ends, what adults did. */
export default function SchoolScreen() {
  const { t } = useTranslation();
  const school = useSchool();
  if (school.isPending) return <Loading />;
  if (school.isError) return <ProblemNote error={school.error} retry={school.refetch} />;
  return (
    <main className="sheet">
      <div className="grid content-start gap-9">
        <header className="sheet-head !pb-0">
          <h1>{school.data.name}</h1>
          <Link className="quiet grid items-center" to="/trust">
            {t("trust.link")}
          </Link>
        </header>
        <PeopleTable school={school.data} />
        <Calendar />
        <Ends />
        <Log timeZone={school.data.time_zone} />
      </div>
      <aside className="sheet-side">
        <SchoolSettings key={school.data.name} school={school.data} />
        <Kitchens school={school.data} />
      </aside>
    </main>
  );
}
