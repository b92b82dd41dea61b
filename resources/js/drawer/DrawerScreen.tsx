import "../../css/checks.css";
import "../../css/drawer.css";
import "../../css/prepare.css";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import DrawerPage from "./DrawerPage";

export default function DrawerScreen() {
  const drawer = $api.useQuery("get", "/api/drawer");
  if (drawer.data) return <DrawerPage drawer={drawer.data} />;
  if (drawer.isPending) return <Loading />;
  return <ProblemNote error={drawer.error} retry={drawer.refetch} />;
}
