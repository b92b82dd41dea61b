import { keepPreviousData } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { $api, type Body, useRefresh, useSend } from "../api/query";

export type Sheet = Schemas["RecipePage"];
export type SheetLine = Schemas["RecipePageLine"];
/** How much of a recipe: a factor, or what is to be used up; read for a class. */
export type Wanted = { section?: number; factor?: string; use_up_line?: string; use_up_g?: string };

/** The lines that something is asked of: those nobody could read, several of them asked together; those that must be settled, and may. */
export function asking(sheet: Sheet) {
  const all = sheet.lines.filter((line) => line.questions.length > 0 || line.own_grams?.asks);
  const unread = all.filter((line) => line.status === "unread");
  const together = unread.length > 1 ? unread : [];
  const must = all.filter((line) => line.open && !together.includes(line));
  const may = all.filter((line) => !line.open);
  const numbered = [...must, ...may];
  return { all, together, must, may, numberOf: (line: SheetLine) => numbered.indexOf(line) + 1 };
}

export const useSheet = (recipe: number, wanted: Wanted, enabled: boolean) =>
  $api.useQuery(
    "get",
    "/api/recipes/{recipe}",
    { params: { path: { recipe }, query: wanted } },
    { enabled, placeholderData: keepPreviousData }, // the sheet stays while another size is worked out
  );

const LINE = "/api/recipes/{recipe}/lines/{line}";
export type Answer = Body<"put", typeof LINE>;

/** What the teacher says that a line means. */
export function useSettle(recipe: number) {
  const refresh = useRefresh();
  const settling = useSend("put", LINE, { onSuccess: () => refresh.of("/api/recipes/{recipe}") });
  return {
    ...settling,
    settle: (line: string, answer: Answer, done?: () => void) =>
      settling.send({ params: { path: { recipe, line } }, body: answer }, done),
  };
}
