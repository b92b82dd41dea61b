import { useTranslation } from "react-i18next";
import { Link, Navigate } from "react-router";
import Brand from "../kit/Brand";
import DemoNote from "../shell/DemoNote";
import LanguageButton from "../shell/LanguageButton";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useSession } from "../shell/session";

const DOORS = [
  { to: "/join", key: "student" },
  { to: "/station", key: "station" },
  { to: "/sign-in", key: "teacher" },
] as const;

/** Who signed in before goes on; everybody else chooses a door. */
export default function Start() {
  const { t } = useTranslation();
  const session = useSession();
  if (session.isPending) return <Loading />;
  if (session.isError) return <ProblemNote error={session.error} retry={session.refetch} />;
  if (session.data.kind === "teacher") return <Navigate to="/today" replace />;
  if (session.data.to_set_up) return <Navigate to="/set-up" replace />;
  if (session.data.kind !== "nobody") return <Navigate to="/kitchen" replace />;
  return (
    <div className="student">
      <DemoNote />
      <header className="shead">
        <Brand />
        <span className="ml-auto">
          <LanguageButton />
        </span>
      </header>
      <main className="door">
        <h1>{t("welcome.title")}</h1>
        {DOORS.map(({ to, key }) => (
          <Link key={key} to={to} className="name !min-h-[84px] !text-[1.5rem] grid content-center">
            {t(`welcome.${key}`)}
            <small>{t(`welcome.${key}Hint`)}</small>
          </Link>
        ))}
        {session.data.version && (
          <p className="soft text-[1rem]">{t("welcome.version", { version: session.data.version })}</p>
        )}
      </main>
    </div>
  );
}
