import "../../css/prepare.css";
import "../../css/review.css";
import { useParams } from "react-router";
import { $api } from "../api/query";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import { useClassHere } from "../shell/useClassHere";
import NoClass from "./NoClass";
import StudentPage from "./StudentPage";

export default function StudentScreen() {
  const { section, today } = useClassHere();
  const { student = "" } = useParams();
  if (today.isPending) return <Loading />;
  return section ? <OfStudent key={student} section={section.id} student={Number(student)} /> : <NoClass />;
}

function OfStudent({ section, student }: { section: number; student: number }) {
  const page = $api.useQuery("get", "/api/sections/{section}/students/{student}/review", {
    params: { path: { section, student } },
  });
  if (page.data) return <StudentPage section={section} page={page.data} />;
  if (page.isPending) return <Loading />;
  return <ProblemNote error={page.error} retry={page.refetch} />;
}
