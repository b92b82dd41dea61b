import { useRefresh, useSend } from "../api/query";
import EditableList from "../kit/EditableList";
import type { Sheet } from "./lab";

/** What the teacher does before the bell: proposed from lines and directions, changed as the room needs it. */
export default function Before({ sheet }: { sheet: Sheet }) {
  const refresh = useRefresh();
  const keeping = useSend("put", "/api/labs/{lab}/preparation", {
    onSuccess: () => refresh.of("/api/labs/{lab}/sheet"),
  });
  return (
    <EditableList
      points={sheet.preparation}
      problem={keeping.says}
      keep={(body) => keeping.send({ params: { path: { lab: sheet.id } }, body })}
    />
  );
}
