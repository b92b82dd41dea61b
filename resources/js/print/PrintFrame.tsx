import "../../css/print.css";
import type { ReactNode } from "react";
import { useTranslation } from "react-i18next";
import { Navigate, useNavigate } from "react-router";
import { asProblem } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";

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

/** In place of a page that is not there yet, or will not come. */
export function Waiting({ error, retry }: { error: unknown; retry: () => void }) {
  if (!error) return <Loading />;
  return asProblem(error).isSignedOut ? (
    <Navigate to="/sign-in" replace />
  ) : (
    <ProblemNote error={error} retry={retry} />
  );
}
