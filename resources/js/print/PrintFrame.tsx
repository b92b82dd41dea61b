import "../../css/teacher.css";
import "../../css/print.css";
import type { ReactNode } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";

/** Around every print page: black on white; the buttons stay on the screen. */
export default function PrintFrame({ children }: { children: ReactNode }) {
  const { t } = useTranslation();
  const go = useNavigate();
  return (
    <div className="print-page" data-theme="flour">
      <p className="print-bar">
        <button type="button" className="btn btn-outline" onClick={() => go(-1)}>
          {t("print.back")}
        </button>
        <button type="button" className="btn btn-primary" onClick={() => window.print()}>
          {t("print.now")}
        </button>
      </p>
      {children}
    </div>
  );
}
