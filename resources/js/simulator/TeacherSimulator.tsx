import { useTranslation } from "react-i18next";
import { useClassHere } from "../shell/useClassHere";
import SimulatorScreen from "./SimulatorScreen";

/** For the projector: what tapping does, before any flour is used. */
export default function TeacherSimulator() {
  const { t } = useTranslation();
  const { section } = useClassHere();
  return (
    <main className="bench-page">
      <h1 className="title">{t("bench.title")}</h1>
      <SimulatorScreen section={section?.id} />
    </main>
  );
}
