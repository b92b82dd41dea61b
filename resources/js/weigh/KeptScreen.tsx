import { useTranslation } from "react-i18next";
import { useNavigate, useParams } from "react-router";
import { List } from "../kit/icons";
import VerdictGlyph from "../kit/VerdictGlyph";
import { useKept } from "../outbox/outbox";
import { nextLine, useKitchen } from "./kitchen";
import StationHead from "./StationHead";

/** The weight is safe on this device; its verdict comes with the network. */
export default function KeptScreen() {
  const { t } = useTranslation();
  const go = useNavigate();
  const kitchen = useKitchen();
  const kept = useKept();
  const { line: id } = useParams();
  const line = kitchen.lines.find((one) => one.id === Number(id));
  const next = nextLine(kitchen, kept, line);
  return (
    <div className="student">
      <StationHead kitchen={kitchen} line={line} />
      <main className="door">
        <VerdictGlyph verdict="none" size={150} hidden />
        <h1>{t("outbox.title", { name: line?.name ?? "" })}</h1>
        <p className="text-[1.25rem]">{t("outbox.hint")}</p>
      </main>
      <footer className="bench">
        <button type="button" className="btn btn-outline btn-second" onClick={() => go("/kitchen")}>
          <List size={26} />
          <span className="wide">{t("result.all")}</span>
          <span className="short">{t("result.allShort")}</span>
        </button>
        <button
          type="button"
          className="btn btn-primary btn-main"
          onClick={() => go(next ? `/kitchen/lines/${next.id}` : "/kitchen")}
        >
          {next ? t("result.goOn", { name: next.named }) : t("result.finish")}
        </button>
      </footer>
    </div>
  );
}
