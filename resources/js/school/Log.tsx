import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/query";
import { useMoment } from "../kit/useMoment";

/** What adults did, the newest first, a page at a time. */
export default function Log({ timeZone }: { timeZone: string }) {
  const { t } = useTranslation();
  const moment = useMoment(timeZone);
  const [pages, setPages] = useState<(number | undefined)[]>([undefined]);
  const before = pages[pages.length - 1];
  const log = $api.useQuery("get", "/api/school/log", {
    params: { query: before === undefined ? {} : { before } },
  });
  return (
    <section>
      <h2 className="h2rim">{t("school.log")}</h2>
      <ul className="log">
        {log.data?.rows.map((row) => (
          <li key={row.id}>
            <time className="num soft" dateTime={row.at}>
              {moment(row.at)}
            </time>
            <span>
              <b>{row.who}</b> {row.said}
            </span>
          </li>
        ))}
      </ul>
      <p className="flex gap-2 pt-2">
        {pages.length > 1 && (
          <button type="button" className="quiet" onClick={() => setPages(pages.slice(0, -1))}>
            {t("school.newer")}
          </button>
        )}
        {log.data?.before != null && (
          <button type="button" className="quiet" onClick={() => setPages([...pages, log.data?.before ?? undefined])}>
            {t("school.older")}
          </button>
        )}
      </p>
    </section>
  );
}
