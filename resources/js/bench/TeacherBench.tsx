import { useTranslation } from "react-i18next";
import BenchScreen from "./BenchScreen";

/** For the projector: what tapping does, before any flour is used. */
export default function TeacherBench() {
  const { t } = useTranslation();
  return (
    <main className="bench-page">
      <h1 className="title">{t("bench.title")}</h1>
      <BenchScreen />
    </main>
  );
}
