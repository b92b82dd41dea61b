import { useTranslation } from "react-i18next";
import Loading from "../shell/Loading";
import { useClassHere } from "../shell/useClassHere";
import SimulatorScreen from "./SimulatorScreen";

/** For the projector: what tapping does, before any flour is used. */
export default function TeacherSimulator() {
  const { t } = useTranslation();
  const { today, section } = useClassHere();
  return (
    <main className="bench-page">
      <h1 className="title">{t("bench.title")}</h1>
      {/* Not before it is known by whose cup: nothing would be worked out twice. */}
      {today.isPending ? <Loading /> : <SimulatorScreen section={section?.id} />}
    </main>
  );
}
