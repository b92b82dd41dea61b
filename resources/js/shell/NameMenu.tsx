import { useId, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate } from "react-router";
import LanguageButton from "./LanguageButton";
import { type Session, useSignOut } from "./session";
import { chooseTheme, isDark } from "./theme";

/** One's own account, the look, the language, the way out. The platform's popover: Esc and a tap beside it close it, the focus goes back. */
export default function NameMenu({ session }: { session: Session }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const leaving = useSignOut();
  const id = useId();
  const [dark, setDark] = useState(isDark);
  const close = () => document.getElementById(id)?.hidePopover();
  return (
    <>
      <button type="button" className="quiet font-semibold who" popoverTarget={id}>
        {session.name} <span aria-hidden="true">▾</span>
      </button>
      <div id={id} popover="auto" className="name-menu">
        <p className="soft">{session.school}</p>
        <Link className="quiet" to="/account" onClick={close}>
          {t("places.account")}
        </Link>
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
        <button type="button" className="quiet" onClick={() => leaving.mutate(undefined, { onSettled: () => go("/") })}>
          {t("places.signOut")}
        </button>
      </div>
    </>
  );
}
