import { useParams } from "react-router";
import BrokenPage from "../shell/BrokenPage";
import { useKitchen } from "./kitchen";
import WeighIn from "./WeighIn";

export default function Weigh() {
  const { line } = useParams();
  const kitchen = useKitchen();
  const found = kitchen.lines.find((one) => one.id === Number(line));
  return found ? <WeighIn key={found.id} line={found} /> : <BrokenPage />;
}
