import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import client, { body, type Schemas } from "../api/client";

export type Sheet = Schemas["RecipeSheet"];
export type SheetLine = Schemas["SheetLine"];
export type Settled = Schemas["Settled"];
/** How much of a recipe: a factor, or what is to be used up; read for a class. */
export type Wanted = { section?: number; factor?: string; use_up_line?: number; use_up_g?: string };

export const useSheet = (recipe: number, wanted: Wanted) =>
  useQuery({
    queryKey: ["recipe", recipe, wanted],
    queryFn: () => body(client.GET("/api/recipes/{recipe}", { params: { path: { recipe }, query: wanted } })),
    placeholderData: (before) => before, // the sheet stays while another size is worked out
  });

export type Answer = ({ as: "settled" } & Settled) | { as: "left-out" } | { as: "read" };

export function useSettle(recipe: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async ({ index, answer }: { index: number; answer: Answer }) =>
      void (await client.PUT("/api/recipes/{recipe}/lines/{index}", {
        params: { path: { recipe, index } },
        body: answer,
      })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["recipe", recipe] }),
  });
}

export const usePantryNames = (enabled: boolean) =>
  useQuery({
    queryKey: ["pantry-names"],
    queryFn: () => body(client.GET("/api/pantry/names")),
    staleTime: 600_000,
    enabled,
  });
