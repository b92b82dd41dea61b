import { useId } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { PRINTS, type Sheet } from "./lab";

/** All that can be printed of a lab, under one button. */
export default function PrintMenu({ sheet }: { sheet: Sheet }) {
  const { t } = useTranslation();
  const id = useId();
  const pages: [string, string][] = [
    ...PRINTS.map((what): [string, string] => [t(`lab.${what}`), `/print/labs/${sheet.id}/${what}`]),
    [t("lab.substitute"), `/print/labs/${sheet.id}/substitute`],
    [t("period.plan"), `/print/labs/${sheet.id}/period`],
    [t("lab.chart"), `/print/chart?class=${sheet.section_id}`],
    [t("lab.labels"), `/print/labels?class=${sheet.section_id}`],
  ];
  return (
    <>
      <button type="button" className="btn btn-outline h-12" popoverTarget={id}>
        {t("lab.print")} <span aria-hidden="true">▾</span>
      </button>
      <div id={id} popover="auto" className="name-menu print-menu">
        {pages.map(([name, to]) => (
          <Link key={to} className="quiet" to={to}>
            {name}
          </Link>
        ))}
      </div>
    </>
  );
}
