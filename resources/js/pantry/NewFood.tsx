import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { type Body, useRefresh, useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import { FAMILIES } from "../kit/families";
import SendButton from "../kit/SendButton";
import { useKeptText } from "../kit/useKeptText";
import { usePantryNames } from "./names";

type Food = Body<"post", "/api/pantry">;

const ALLERGENS: string[] = ["wheat", "milk", "egg", "soy", "peanut", "tree-nut", "sesame", "fish"];

/** A food the reference does not know: its name, what it is measured like, its weight, and where that is from. */
export default function NewFood({ named = "", done }: { named?: string; done: (id: string) => void }) {
  const { t } = useTranslation();
  const refresh = useRefresh();
  const names = usePantryNames();
  const [name, setName, dropName] = useKeptText(`food.${named}`, named);
  const [family, setFamily] = useState<Food["family"]>("fine-powder");
  const [typed, setGrams] = useState<string>();
  const usual = names.data?.usual.find((one) => one.family === family);
  // Until somebody weighs it, it weighs what its family does.
  const grams = typed ?? (usual ? String(usual.grams) : "");
  const [reason, setReason, dropReason] = useKeptText("food.reason");
  const [allergens, setAllergens] = useState<string[]>([]);
  const adding = useSend("post", "/api/pantry", {
    onSuccess: async ({ id }) => {
      dropName();
      dropReason();
      await refresh.of("/api/pantry", "/api/pantry/names");
      done(id);
    },
  });
  const { at } = adding;
  const add = (event: FormEvent) => {
    event.preventDefault();
    adding.send({ body: { name, family, grams, allergens, reason } });
  };
  return (
    <form className="grid gap-3" onSubmit={add} noValidate>
      <h2 className="h2rim">{t("pantry.addFood")}</h2>
      <Field
        label={t("pantry.nameOf")}
        value={name}
        maxLength={50}
        problem={at("name")}
        onChange={(e) => setName(e.target.value)}
      />
      <label className="field">
        <span>{t("pantry.like")}</span>
        <select value={family} onChange={(event) => setFamily(event.target.value as Food["family"])}>
          {FAMILIES.map((one) => (
            <option key={one} value={one}>
              {t(`family.${one}`)}
            </option>
          ))}
        </select>
        <FieldProblem>{at("family")}</FieldProblem>
      </label>
      <Field
        label={t("pantry.gramsOfNew")}
        inputMode="decimal"
        maxLength={8}
        value={grams}
        problem={at("grams")}
        hint={typed === undefined && usual ? t("pantry.usual", { family: t(`family.${family}`) }) : undefined}
        onChange={(e) => setGrams(e.target.value)}
      />
      <fieldset>
        <legend className="label !text-[1rem]">{t("pantry.allergensOf")}</legend>
        <div className="flex flex-wrap gap-x-4">
          {ALLERGENS.map((one) => (
            <label key={one} className="flex min-h-8 items-center gap-2">
              <input
                type="checkbox"
                className="size-5"
                checked={allergens.includes(one)}
                onChange={() =>
                  setAllergens(allergens.includes(one) ? allergens.filter((each) => each !== one) : [...allergens, one])
                }
              />
              {t(`allergen.${one}`)}
            </label>
          ))}
        </div>
        <FieldProblem>{at("allergens")}</FieldProblem>
      </fieldset>
      <Field
        label={t("pantry.reason")}
        value={reason}
        maxLength={200}
        problem={at("reason")}
        onChange={(e) => setReason(e.target.value)}
      />
      <SendButton className="btn btn-primary min-h-11" isPending={adding.isPending}>
        {t("pantry.add")}
      </SendButton>
    </form>
  );
}
