import "../../css/school.css";
import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { useLocation } from "react-router";
import { chooseClass } from "../shell/useClassHere";
import Archived from "./Archived";
import Codes from "./Codes";
import Colleagues from "./Colleagues";
import type { Class } from "./class";
import NewClass from "./NewClass";
import Owner from "./Owner";
import Picked from "./Picked";
import Roster from "./Roster";
import Seats from "./Seats";
import Settings from "./Settings";
import SetUpList from "./SetUpList";
import { useSeating } from "./useSeating";
import YearEnd from "./YearEnd";

/** Who sits where, the codes to come in by, the class's settings, who helps. */
export default function ClassPage({ one }: { one: Class }) {
  const { t } = useTranslation();
  const { hash } = useLocation();
  // Who was here is here next time; and a student who was looked for is in sight.
  useEffect(() => chooseClass(one.id), [one.id]);
  useEffect(() => {
    const sought = hash === "" ? null : document.getElementById(hash.slice(1));
    sought?.scrollIntoView({ block: "center" });
    sought?.querySelector<HTMLElement>("button, input, select, a")?.focus();
  }, [hash]);
  const [making, setMaking] = useState(false);
  const seating = useSeating(one);
  if (making) return <NewClass cancel={() => setMaking(false)} />;
  return (
    // biome-ignore lint/a11y/noNoninteractiveElementInteractions: Esc is heard from the buttons within
    <main className="sheet class-page" onKeyDown={(event) => event.key === "Escape" && seating.back()}>
      <div className="grid content-start gap-9">
        <header className="sheet-head !pb-0">
          <h1>{one.settings.name}</h1>
          <p className="flex flex-wrap gap-2">
            <button type="button" className="btn btn-outline" onClick={() => setMaking(true)}>
              {t("class.make")}
            </button>
          </p>
        </header>
        <Seats one={one} seating={seating} />
        <Roster section={one.id} />
        <Settings one={one} />
        <SetUpList one={one} />
      </div>
      <aside className="sheet-side class-side">
        <div role="status">
          {seating.who.length > 0 && <Picked key={seating.picked.join()} one={one} seating={seating} />}
        </div>
        <Codes one={one} />
        <Colleagues one={one} />
        <Owner one={one} />
        <YearEnd one={one} />
        <Archived />
      </aside>
    </main>
  );
}
