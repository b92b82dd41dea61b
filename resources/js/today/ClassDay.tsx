import "../../css/school.css";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useDay } from "../kit/useDay";
import AtTheDoor from "./AtTheDoor";
import DayRim from "./DayRim";
import DrawerWaiting from "./DrawerWaiting";
import JoinCode from "./JoinCode";
import LabRow from "./LabRow";
import NextWeek from "./NextWeek";
import Unread from "./Unread";

/** The day of all classes, their labs, what needs a hand, and the days ahead. */
export default function ClassDay({ today }: { today: Schemas["Today"] }) {
  const { t } = useTranslation();
  const day = useDay();
  const waits = today.drawer && today.drawer.checks + today.drawer.tools + today.drawer.scales > 0;
  return (
    <main className="today">
      <h1>
        {t("today.title")} <span className="soft">{day(today.date)}</span>
        {today.bells && <span className="soft">, {today.bells}</span>}
      </h1>
      <DayRim today={today} />
      <div className="grid gap-9">
        {today.sections.length === 0 && <p>{t("today.noClass")}</p>}
        {today.sections.map((section) => (
          <section key={section.id}>
            <h2 className="h2rim flex justify-between">
              <span>{section.name}</span>
              <span className="soft num font-normal">
                {t("today.period", { from: section.starts_at, to: section.ends_at })}
              </span>
            </h2>
            {section.labs.length === 0 && <p className="py-4">{t("today.empty")}</p>}
            {section.labs.map((lab) => (
              <LabRow key={lab.id} lab={lab} timeZone={today.time_zone} runs={section.runs} />
            ))}
          </section>
        ))}
      </div>
      <div className="grid content-start gap-9">
        {today.unchecked_scales && (
          <section>
            <h2 className="h2rim">{t("today.hand")}</h2>
            {today.sections.map((section) => (
              <AtTheDoor key={section.id} section={section} />
            ))}
            {today.drawer && <DrawerWaiting drawer={today.drawer} />}
            <p className="py-3">
              {today.unchecked_scales.length > 0
                ? t("today.unchecked", { names: today.unchecked_scales.join(", ") })
                : t(waits ? "today.scalesFine" : "today.nothing")}
            </p>
          </section>
        )}
        <Unread labs={today.unread} />
        {today.sections
          .filter(({ runs }) => runs)
          .map((section) => (
            <section key={section.id}>
              <h2 className="h2rim">{t("today.codes", { section: section.name })}</h2>
              <dl className="codes">
                <dt>{t("today.classCode")}</dt>
                <dd>{section.code}</dd>
                {section.stations.map((station) => (
                  <JoinCode key={station.code} name={station.name} code={station.code} />
                ))}
              </dl>
            </section>
          ))}
      </div>
      {today.sections.some(({ runs }) => runs) && <NextWeek today={today.date} />}
    </main>
  );
}
