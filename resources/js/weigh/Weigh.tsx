import { useParams } from "react-router";
import BrokenPage from "../shell/BrokenPage";
import { useKitchen } from "./kitchen";
import SetUpFirst from "./SetUpFirst";
import WeighIn from "./WeighIn";

export default function Weigh() {
  const { line } = useParams();
  const kitchen = useKitchen();
  const found = kitchen.lines.find((one) => one.id === Number(line));
  if (!found) return <BrokenPage />;
  return (
    <SetUpFirst>
      <WeighIn key={found.id} line={found} />
    </SetUpFirst>
  );
}
