import type { Schemas } from "../api/client";
import { type Body, useRefresh, useSend } from "../api/query";

export type Page = Schemas["StandardPage"];
export type Kept = Body<"put", "/api/pantry/{ingredient}/standard">;

/** What stands now, as it is sent: every change sends all of it. */
export const asKept = (page: Page): Kept => ({
  handling: page.handling,
  tool: page.tool,
  named: page.named,
  scale_id: page.scale_id,
  trials: page.trials.map(({ grams, weighing, where, left_out }) => ({
    grams: String(grams),
    weighing,
    where,
    left_out,
  })),
});

/** Trials are kept with every change. */
export function useStandard(page: Page) {
  const refresh = useRefresh();
  const path = { ingredient: page.id };
  const after = { onSuccess: () => refresh.of("/api/pantry/{ingredient}/standard", "/api/pantry") };
  const keeping = useSend("put", "/api/pantry/{ingredient}/standard", after);
  return {
    path,
    keeping,
    keep: (change: Partial<Kept>, done?: () => void) =>
      keeping.send({ params: { path }, body: { ...asKept(page), ...change } }, done),
    adopting: useSend("post", "/api/pantry/{ingredient}/standard/adoption", after),
    ending: useSend("delete", "/api/pantry/{ingredient}/standard", after),
    opening: useSend("post", "/api/pantry/{ingredient}/bags", after),
  };
}
