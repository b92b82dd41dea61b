import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { Back } from "../kit/icons";
import { useKitchen } from "../weigh/kitchen";
import SimulatorScreen from "./SimulatorScreen";

/** For one alone: try it here, then at the station. */
export default function StudentSimulator() {
  const { t } = useTranslation();
  const kitchen = useKitchen();
  return (
    <div className="student">
      <header className="shead">
        <Link to="/kitchen" className="quiet bench-back">
          <Back size={22} />
          {kitchen.station ?? kitchen.name}
        </Link>
        <h1 className="h-line">{t("bench.title")}</h1>
      </header>
      <main className="bench-page bench-student">
        <SimulatorScreen />
      </main>
    </div>
  );
}
