import "../../css/prepare.css";
import "../../css/school.css";
import { useTranslation } from "react-i18next";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import MyDevices from "./MyDevices";
import MyName from "./MyName";
import NewPassword from "./NewPassword";

/** One's own name, password and devices. */
export default function AccountScreen() {
  const { t } = useTranslation();
  const account = $api.useQuery("get", "/api/account");
  if (account.isPending) return <Loading />;
  if (account.isError) return <ProblemNote error={account.error} retry={account.refetch} />;
  return (
    <main className="sheet">
      <div className="grid content-start gap-9">
        <header className="sheet-head !pb-0">
          <h1>{t("account.title")}</h1>
        </header>
        <MyDevices sessions={account.data.sessions} />
      </div>
      <aside className="sheet-side">
        <MyName account={account.data} />
        <NewPassword />
      </aside>
    </main>
  );
}
