import "../../css/prepare.css";
import "../../css/ready.css";
import "../../css/shopping.css";
import { useTranslation } from "react-i18next";
import { Link, useSearchParams } from "react-router";
import { shown } from "../kit/numbers";
import { useDay } from "../kit/useDay";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import PackRow from "./PackRow";
import { useShopping, weeksOn } from "./shopping";

/** What a week's labs need together, in the packs that the kitchen buys, less what it has. */
export default function ShoppingScreen() {
  const { t, i18n } = useTranslation();
  const day = useDay();
  const [address, go] = useSearchParams();
  const shopping = useShopping(address.get("day") ?? undefined);
  if (shopping.isPending) return <Loading />;
  if (!shopping.data) return <ProblemNote error={shopping.error} retry={shopping.refetch} />;
  const { from, to, labs, rows, total, unpriced } = shopping.data;
  return (
    <main className="shopping">
      <header className="ready-head">
        <h1>{t("shopping.title", { from: day(from), to: day(to) })}</h1>
        <button type="button" className="btn btn-outline" onClick={() => go({ day: weeksOn(from, -1) })}>
          {t("shopping.before")}
        </button>
        <button type="button" className="btn btn-outline" onClick={() => go({ day: weeksOn(from, 1) })}>
          {t("shopping.after")}
        </button>
        <button type="button" className="btn btn-primary" onClick={() => window.print()}>
          {t("shopping.print")}
        </button>
      </header>
      {labs.length === 0 ? (
        <p className="py-4">{t("shopping.none")}</p>
      ) : (
        <>
          <ul className="shopping-labs">
            {labs.map((lab) => (
              <li key={lab.id}>
                <Link to={`/labs/${lab.id}/prepare`}>{lab.title}</Link>{" "}
                <span className="soft">
                  {lab.section}, {day(lab.planned_for)}
                </span>
              </li>
            ))}
          </ul>
          <p className="soft pb-2">{t("shopping.how")}</p>
          <div className="ready-scroll">
            <table className="supplies">
              <thead>
                <tr>
                  {(["name", "needed", "size", "stock", "toGet", "price", "cost"] as const).map((one) => (
                    <th key={one} scope="col">
                      {t(`shopping.${one}`)}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.map((row) => (
                  <PackRow key={row.id} row={row} />
                ))}
              </tbody>
              <tfoot>
                <tr>
                  <th scope="row" colSpan={6}>
                    {t("shopping.total")}
                    {unpriced > 0 && <span className="soft"> {t("shopping.unpriced", { count: unpriced })}</span>}
                  </th>
                  <td className="num">
                    <b>{shown(Number(total), 2, i18n.language)}</b>
                  </td>
                </tr>
              </tfoot>
            </table>
          </div>
        </>
      )}
    </main>
  );
}
