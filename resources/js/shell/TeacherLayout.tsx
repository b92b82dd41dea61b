import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Navigate, NavLink, Outlet, useMatch, useNavigate } from "react-router";
import Brand from "../kit/Brand";
import LanguageButton from "./LanguageButton";
import Loading from "./Loading";
import ProblemNote from "./ProblemNote";
import { useSession, useSignOut } from "./session";
import { chooseTheme, isDark } from "./theme";

/** The teacher's frame: places in the day's order across the top. Only teachers pass. */
export default function TeacherLayout() {
  const { t } = useTranslation();
  const go = useNavigate();
  const session = useSession();
  const leaving = useSignOut();
  const inLab = useMatch("/labs/:lab/*");
  const atLab = useMatch("/labs/:lab/prepare") === null ? inLab : null; // before the day it is something to prepare
  const [dark, setDark] = useState(isDark);
  if (session.isPending) return <Loading />;
  if (session.isError) return <ProblemNote error={session.error} retry={session.refetch} />;
  if (session.data.kind !== "teacher") return <Navigate to="/sign-in" replace />;
  return (
    <div className="board-page">
      <header className="top">
        <NavLink to="/today" aria-label="Hovik" title={t("welcome.version", { version: session.data.version })}>
          <Brand />
        </NavLink>
        <span className="soft of-school">{session.data.school}</span>
        <nav className="places">
          <NavLink to="/today">{t("places.today")}</NavLink>
          <NavLink to="/prepare">{t("places.prepare")}</NavLink>
          <NavLink to="/practise">{t("places.practise")}</NavLink>
          {atLab && <NavLink to={atLab.pathnameBase}>{t("places.lab")}</NavLink>}
        </nav>
        <nav className="places ml-auto" aria-label={t("places.drawer")}>
          <NavLink to="/drawer">{t("places.drawer")}</NavLink>
          <NavLink to="/pantry">{t("places.pantry")}</NavLink>
          <NavLink to="/class">{t("places.class")}</NavLink>
        </nav>
        <div className="gap-1">
          <button
            type="button"
            className="quiet"
            onClick={() => {
              chooseTheme(!dark);
              setDark(!dark);
            }}
          >
            {t(dark ? "theme.light" : "theme.dark")}
          </button>
          <LanguageButton />
          <button
            type="button"
            className="quiet"
            onClick={() => leaving.mutate(undefined, { onSettled: () => go("/") })}
          >
            {t("places.signOut")}
          </button>
          <span className="pl-3 font-semibold who">{session.data.name}</span>
        </div>
      </header>
      <Outlet />
    </div>
  );
}
