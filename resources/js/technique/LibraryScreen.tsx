import { useTranslation } from "react-i18next";
import { NavLink, useLocation, useParams } from "react-router";
import BrokenPage from "../shell/BrokenPage";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import Care from "./Care";
import Family from "./Family";
import KnownTools from "./KnownTools";
import { useLibrary } from "./library";
import "../../css/technique.css";

/** How each family is measured: its list at the side, one page open. */
export default function LibraryScreen({ section, home }: { section?: number; home: string }) {
  const { t } = useTranslation();
  const { page } = useParams();
  const { search, state } = useLocation(); // whose class, and where to go back to
  const asked = useLibrary(section);
  if (asked.isPending) return <Loading />;
  if (!asked.data) return <ProblemNote error={asked.error} retry={asked.refetch} />;
  const { families, tools, safety, first, pictures } = asked.data;
  const shown = page ?? families[0]?.id;
  const family = families.find((one) => one.id === shown);
  return (
    <div className={`technique-library ${home.startsWith("/kitchen") ? "at-station" : ""}`}>
      <nav aria-label={t("library.title")}>
        <ul>
          {families.map((one) => (
            <li key={one.id}>
              <NavLink
                to={{ pathname: `${home}/${one.id}`, search }}
                state={state}
                aria-current={one.id === shown ? "page" : undefined}
              >
                {one.name}
              </NavLink>
            </li>
          ))}
          <li className="lib-apart">
            <NavLink to={{ pathname: `${home}/tools`, search }} state={state}>
              {t("library.tools")}
            </NavLink>
          </li>
          <li>
            <NavLink to={{ pathname: `${home}/care`, search }} state={state}>
              {t("library.care")}
            </NavLink>
          </li>
        </ul>
      </nav>
      <main>
        {family ? (
          <Family key={family.id} page={family} pictures={pictures} />
        ) : shown === "tools" ? (
          <KnownTools tools={tools} />
        ) : shown === "care" ? (
          <Care safety={safety} first={first} />
        ) : (
          <BrokenPage />
        )}
      </main>
    </div>
  );
}
