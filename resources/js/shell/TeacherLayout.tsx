import { useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { Navigate, NavLink, Outlet, useLocation, useMatch, useNavigate } from "react-router";
import Brand from "../kit/Brand";
import KeysHelp from "./KeysHelp";
import LanguageButton from "./LanguageButton";
import Loading from "./Loading";
import ProblemNote from "./ProblemNote";
import { useSession, useSignOut } from "./session";
import { chooseTheme, isDark } from "./theme";
import { toHeading } from "./useArrival";
import { useShortcuts } from "./useShortcuts";

/** Places that an aide has. */
const AN_AIDES = /^\/(today|account|labs\/\d+(\/table)?)\/?$/;

/** The teacher's frame: places in the day's order across the top. Only teachers pass. */
export default function TeacherLayout() {
  const { t } = useTranslation();
  const go = useNavigate();
  const { pathname } = useLocation();
  const session = useSession();
  const leaving = useSignOut();
  const inLab = useMatch("/labs/:lab/*");
  const atLab = useMatch("/labs/:lab/prepare") === null ? inLab : null; // before the day it is something to prepare
  const [dark, setDark] = useState(isDark);
  const keys = useRef<HTMLDialogElement>(null);
  useShortcuts({ lab: atLab?.pathnameBase, help: () => keys.current?.showModal() });
  if (session.isPending) return <Loading />;
  if (session.isError) return <ProblemNote error={session.error} retry={session.refetch} />;
  if (session.data.kind !== "teacher") return <Navigate to="/sign-in" replace />;
  // An aide sees the day and the boards, and nothing of the kitchen's.
  const teaches = session.data.role !== "aide";
  if (!teaches && !AN_AIDES.test(pathname)) return <Navigate to="/today" replace />;
  return (
    <div className="board-page">
      <a
        className="skip"
        href={pathname}
        onClick={(event) => {
          event.preventDefault();
          toHeading();
        }}
      >
        {t("keys.skip")}
      </a>
      <header className="top">
        <NavLink to="/today" aria-label="Hovik" title={t("welcome.version", { version: session.data.version })}>
          <Brand />
        </NavLink>
        <span className="soft of-school">{session.data.school}</span>
        <nav className="places" aria-label={t("keys.day")}>
          <NavLink to="/today">{t("places.today")}</NavLink>
          {teaches && <NavLink to="/prepare">{t("places.prepare")}</NavLink>}
          {teaches && <NavLink to="/practise">{t("places.practise")}</NavLink>}
          {atLab && <NavLink to={atLab.pathnameBase}>{t("places.lab")}</NavLink>}
        </nav>
        {teaches && (
          <nav className="places ml-auto" aria-label={t("keys.kitchen")}>
            <NavLink to="/drawer">{t("places.drawer")}</NavLink>
            <NavLink to="/pantry">{t("places.pantry")}</NavLink>
            <NavLink to="/class">{t("places.class")}</NavLink>
            {session.data.role === "keeper" && <NavLink to="/school">{t("places.school")}</NavLink>}
          </nav>
        )}
        <div className={teaches ? "gap-1" : "gap-1 ml-auto"}>
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
            aria-label={t("keys.title")}
            onClick={() => keys.current?.showModal()}
          >
            ?
          </button>
          <button
            type="button"
            className="quiet"
            onClick={() => leaving.mutate(undefined, { onSettled: () => go("/") })}
          >
            {t("places.signOut")}
          </button>
          <NavLink to="/account" className="quiet grid items-center font-semibold who">
            {session.data.name}
          </NavLink>
        </div>
      </header>
      <Outlet />
      <KeysHelp dialog={keys} />
    </div>
  );
}
