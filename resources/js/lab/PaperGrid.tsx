import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { useParams } from "react-router";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { boardOf } from "./board";
import PaperSheet from "./PaperSheet";
import { scalesOf } from "./usePaper";
import "../../css/period.css";
import "../../css/ready.css";

/** Weigh-in sheets typed in, once their lab has been open. */
export default function PaperGrid() {
  const { t } = useTranslation();
  const lab = Number(useParams().lab);
  const board = useQuery(boardOf(lab));
  const scales = useQuery(scalesOf(lab));
  if (board.isPending || scales.isPending) return <Loading />;
  if (!board.data) return <ProblemNote error={board.error} retry={board.refetch} />;
  if (!scales.data) return <ProblemNote error={scales.error} retry={scales.refetch} />;
  if (board.data.lab.state === "prepared") return <p className="ready">{t("board.prepared")}</p>;
  return <PaperSheet board={board.data} />;
}
