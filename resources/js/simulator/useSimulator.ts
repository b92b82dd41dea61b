import { keepPreviousData } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { $api, type Body } from "../api/query";

type Try = Body<"post", "/api/simulator/weighings">;
export type Options = Schemas["SimulatorOptions"];
export type Hands = Partial<Schemas["PracticeHands"]>;
export type Shown = Schemas["SimulatedWeighing"];
export type Action = NonNullable<Try["actions"]>[number];
export type Prediction = Exclude<NonNullable<Try["predicted"]>, "too-close">;

/** What lies on the bench and how it is measured. */
type Setup = Required<Pick<Try, "ingredient" | "amount" | "unit" | "plan" | "scale" | "bowl_g" | "seed">>;
export const BOWLS = [187, 340, 12];
const START: Setup = {
  ingredient: "bread-flour",
  amount: "1",
  unit: "cup",
  plan: 0,
  scale: "scale-1g-5kg",
  bowl_g: 187,
  seed: 1,
};

// The same is worked out once; what was shown stays until the next is there.
const WORKED_OUT = { placeholderData: keepPreviousData, staleTime: Number.POSITIVE_INFINITY, retry: false };

/** Everything the bench remembers; a change of food or tool starts the weighing afresh. */
export function useBench(section?: number) {
  const by = section === undefined ? {} : { section };
  const [setup, setSetup] = useState(START);
  const [hands, setHands] = useState<Hands>({});
  const [actions, setActions] = useState<Action[]>([]);
  const [predicted, predict] = useState<Prediction>();
  const [isChecked, check] = useState(false);
  const afresh = () => {
    setActions([]);
    predict(undefined);
    check(false);
  };
  const { ingredient, amount, unit, plan } = setup;
  const options = $api.useQuery(
    "get",
    "/api/simulator",
    { params: { query: { ingredient, amount, unit, plan, ...by } } },
    WORKED_OUT,
  );
  const tried = {
    ...setup,
    ...by,
    hands,
    actions,
    check: isChecked,
    predicted: isChecked ? (predicted ?? null) : null,
  };
  const scale = $api.useQuery("post", "/api/simulator/weighings", { body: tried }, WORKED_OUT);
  return {
    by,
    setup,
    hands,
    actions,
    predicted,
    isChecked,
    options,
    scale,
    put: (change: Partial<Setup>) => {
      setSetup((before) => ({ ...before, ...change }));
      afresh();
    },
    /** Another food: its own amounts and ways. */
    take: (ingredient: string) => {
      setSetup((before) => ({ ...before, ingredient, plan: 0 }));
      setHands({});
      afresh();
    },
    work: (change: Hands) => {
      setHands((before) => ({ ...before, ...change }));
      afresh();
    },
    press: (...more: Action[]) => {
      setActions((before) => [...before, ...more]);
      check(false);
    },
    clear: afresh,
    predict,
    check: () => check(true),
  };
}
export type Bench = ReturnType<typeof useBench>;
