import { useParams } from "react-router";
import BrokenPage from "../shell/BrokenPage";
import { useKitchen } from "./kitchen";
import Measuring from "./Measuring";
import SetUpFirst from "./SetUpFirst";

export default function Measure() {
  const { line } = useParams();
  const kitchen = useKitchen();
  const found = kitchen.lines.find((one) => one.id === Number(line));
  if (!found) return <BrokenPage />;
  return (
    <SetUpFirst>
      <Measuring key={found.id} line={found} />
    </SetUpFirst>
  );
}
