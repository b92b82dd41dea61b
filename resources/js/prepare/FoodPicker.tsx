import { useId, useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import FieldProblem from "../kit/FieldProblem";
import { finds } from "../kit/search";

type Food = Schemas["NamedFood"];
type Props = {
  foods: Food[];
  value: string;
  sought: string;
  problem: string | undefined;
  choose: (id: string) => void;
};

/** An ingredient out of hundreds: a word or two of any of its names leave a few to choose from. */
export default function FoodPicker({ foods, value, sought: first, problem, choose }: Props) {
  const { t } = useTranslation();
  const id = useId();
  const [sought, setSought] = useState(first);
  const isFound = finds(sought);
  const found = foods.filter((food) => food.id === value || isFound([food.name, ...food.also]));
  return (
    <div className="food-picker">
      <label className="field">
        <span>{t("recipe.find")}</span>
        <input
          // biome-ignore lint/a11y/noAutofocus: the line was opened to be mended
          autoFocus
          type="search"
          value={sought}
          autoComplete="off"
          onChange={(event) => setSought(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter") event.preventDefault(); // it looks for a food, and sends nothing
          }}
        />
      </label>
      <label className="field">
        <span>{t("recipe.pick")}</span>
        <select
          size={found.length > 12 || found.length < 2 ? 1 : Math.min(found.length + 1, 6)}
          value={value}
          aria-invalid={problem !== undefined}
          aria-describedby={`${id}-problem`}
          onChange={(event) => choose(event.target.value)}
        >
          <option value="">{t("recipe.chooseOf", { count: found.length })}</option>
          {found.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
        <FieldProblem id={`${id}-problem`}>{problem}</FieldProblem>
      </label>
    </div>
  );
}
