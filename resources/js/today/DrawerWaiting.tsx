import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Schemas } from "../api/client";

const KINDS = ["checks", "tools", "scales"] as const;

/** What of the drawer needs a hand: checks that wait for a yes, tools and scales that are due. */
export default function DrawerWaiting({ drawer }: { drawer: Schemas["DrawerWaits"] }) {
  const { t } = useTranslation();
  return KINDS.filter((kind) => drawer[kind] > 0).map((kind) => (
    <p key={kind} className="py-1">
      <Link className="quiet underline" to="/drawer">
        {t(`today.drawer.${kind}`, { count: drawer[kind] })}
      </Link>
    </p>
  ));
}
