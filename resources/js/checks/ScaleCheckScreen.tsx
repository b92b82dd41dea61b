import { useParams } from "react-router";
import { $api } from "../api/query";
import BrokenPage from "../shell/BrokenPage";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import ScaleCheckPage from "./ScaleCheckPage";

export default function ScaleCheckScreen() {
  const { scale } = useParams();
  const drawer = $api.useQuery("get", "/api/drawer");
  if (drawer.isPending) return <Loading />;
  if (!drawer.data) return <ProblemNote error={drawer.error} retry={drawer.refetch} />;
  const found = drawer.data.scales.find((one) => one.id === Number(scale));
  return found ? <ScaleCheckPage key={found.id} scale={found} /> : <BrokenPage />;
}
