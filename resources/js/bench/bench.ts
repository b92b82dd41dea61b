import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import client, { body, type Schemas } from "../api/client";

export type Options = Schemas["Bench"];
export type Hands = Schemas["BenchHands"];
export type Shown = Schemas["BenchWeighing"];
export type Action = NonNullable<Schemas["BenchTry"]["actions"]>[number];
export type Prediction = "shy" | "level" | "heaped";

/** What lies on the bench and how it is measured. */
export type Setup = {
  ingredient: string;
  amount: string;
  unit: string;
  plan: number;
  scale: string;
  bowl_g: number;
  seed: number;
};
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

/** Everything the bench remembers; a change of food or tool starts the weighing afresh. */
export function useBench() {
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
  const options = useQuery({
    queryKey: ["bench", setup.ingredient, setup.amount, setup.unit, setup.plan],
    queryFn: () => {
      const { ingredient, amount, unit, plan } = setup;
      return body(client.GET("/api/simulator", { params: { query: { ingredient, amount, unit, plan } } }));
    },
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  const tried = { ...setup, hands, actions, check: isChecked, predicted: isChecked ? (predicted ?? null) : null };
  const scale = useQuery({
    queryKey: ["bench-scale", tried],
    queryFn: () => body(client.POST("/api/simulator/weighings", { body: tried })),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  return {
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
