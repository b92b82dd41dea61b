import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import AskedBar from "../practice/AskedBar";
import { latest, useKitchen } from "./kitchen";
import SetForMe from "./SetForMe";

/** Places beside the measuring: practice for one alone, the bench to try things on, and how the bake came out. */
export default function AlsoHere() {
  const { t } = useTranslation();
  const kitchen = useKitchen();
  return (
    <>
      {kitchen.kind === "student" && <AskedBar />}
      {kitchen.kind === "student" && <SetForMe />}
      <p className="also-links">
        {kitchen.kind === "student" && (
          <Link className="quiet" to="practice">
            {t("kitchen.practice")}
          </Link>
        )}
        {kitchen.kind === "student" && (
          <Link className="quiet" to="results">
            {t("kitchen.results")}
          </Link>
        )}
        <Link className="quiet" to="techniques">
          {t("kitchen.techniques")}
        </Link>
        <Link className="quiet" to="check">
          {t("kitchen.check")}
        </Link>
        {kitchen.experiment && (
          <Link className="quiet" to="experiment">
            {t("kitchen.experiment")}
          </Link>
        )}
        <Link className="quiet" to="simulator">
          {t("kitchen.bench")}
        </Link>
        {/* Nothing is to be said of a bake of which nothing was weighed. */}
        {(kitchen.lab === null ? kitchen.kind === "student" : kitchen.lines.some((line) => latest(line))) && (
          <Link className="quiet" to="bake">
            {t("bake.link")}
          </Link>
        )}
      </p>
    </>
  );
}
