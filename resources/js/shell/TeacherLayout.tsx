import "../../css/teacher.css";
import { useRef } from "react";
import { useTranslation } from "react-i18next";
import { Navigate, NavLink, Outlet, useLocation, useMatch } from "react-router";
import Brand from "../kit/Brand";
import { Magnifier } from "../kit/icons";
import Finder from "../search/Finder";
import ClassSwitch from "./ClassSwitch";
import KeysHelp from "./KeysHelp";
import Loading from "./Loading";
import NameMenu from "./NameMenu";
import ProblemNote from "./ProblemNote";
import { useSession } from "./session";
import { toHeading } from "./useArrival";
import { useShortcuts } from "./useShortcuts";

/** Places that an aide has. */
const AN_AIDES = /^\/(today|account|labs\/\d+(\/table)?)\/?$/;

/** The teacher's frame: places in the day's order across the top. Only teachers pass. */
export default function TeacherLayout() {
  const { t } = useTranslation();
  const { pathname } = useLocation();
  const session = useSession();
  const inLab = useMatch("/labs/:lab/*");
  const atLab = useMatch("/labs/:lab/prepare") === null ? inLab : null; // before the day it is something to prepare
  const keys = useRef<HTMLDialogElement>(null);
  const finder = useRef<HTMLDialogElement>(null);
  const teaches = session.data?.kind === "teacher" && session.data.role !== "aide";
  const find = () => finder.current?.showModal();
  useShortcuts({
    lab: atLab?.pathnameBase,
    help: () => keys.current?.showModal(),
    find: teaches ? find : () => undefined,
  });
  if (session.isPending) return <Loading />;
  if (session.isError) return <ProblemNote error={session.error} retry={session.refetch} />;
  if (session.data.kind !== "teacher") return <Navigate to="/sign-in" replace />;
  // An aide sees the day and the boards, and nothing of the kitchen's.
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
        {teaches && <ClassSwitch />}
        <nav className="places" aria-label={t("keys.day")}>
          <NavLink to="/today">{t("places.today")}</NavLink>
          {teaches && <NavLink to="/prepare">{t("places.prepare")}</NavLink>}
          {teaches && <NavLink to="/practise">{t("places.practise")}</NavLink>}
          {teaches && <NavLink to="/review">{t("places.review")}</NavLink>}
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
          {teaches && (
            <button
              type="button"
              className="quiet"
              aria-label={t("search.title")}
              title={t("search.title")}
              onClick={find}
            >
              <Magnifier />
            </button>
          )}
          <button
            type="button"
            className="quiet"
            aria-label={t("keys.title")}
            onClick={() => keys.current?.showModal()}
          >
            ?
          </button>
          <NameMenu session={session.data} />
        </div>
      </header>
      <Outlet />
      <KeysHelp dialog={keys} />
      {teaches && <Finder dialog={finder} />}
    </div>
  );
}
