import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/query";
import { useDay } from "../kit/useDay";

/** Practice that the teacher has set, while there is some left. */
export default function SetForMe() {
  const { t } = useTranslation();
  const said = useDay();
  const asked = $api.useQuery("get", "/api/practice/tasks");
  const task = asked.data?.tasks.find((one) => !one.done);
  if (!task) return null;
  const open = task.aims.filter((aim) => !aim.shown);
  const day = said(task.due_on);
  return (
    <p className="set-for-me">
      <Link className="btn btn-now" to="/kitchen/practice">
        {t("kitchen.practice")}
      </Link>
      <span>
        <b>{task.late ? t("kitchen.setLate", { day }) : t("kitchen.set", { count: open.length, day })}</b>{" "}
        <span className="soft">
          {open
            .slice(0, 3)
            .map((aim) => aim.said)
            .join(", ")}
        </span>
      </span>
    </p>
  );
}
