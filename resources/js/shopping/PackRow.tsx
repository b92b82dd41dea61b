import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useSend } from "../api/query";
import FieldProblem from "../kit/FieldProblem";
import { shown } from "../kit/numbers";
import { type PackUnit, type Row, UNITS, useShoppingRefresh } from "./shopping";

/** A food to buy: how it is sold, what there is of it, and what that comes to. */
export default function PackRow({ row }: { row: Row }) {
  const { t, i18n } = useTranslation();
  const [typed, setTyped] = useState({ size: row.size ?? "", stock: row.stock, price: row.price ?? "" });
  const [unit, setUnit] = useState<PackUnit>((row.unit as PackUnit | null) ?? "kg");
  const keeping = useSend("put", "/api/pantry/{ingredient}/pack", useShoppingRefresh());
  const grams = (number: number, decimals: number) => `${shown(number, decimals, i18n.language)} g`;
  const keep = (change: { unit?: PackUnit } = {}) => {
    const isAsStored =
      typed.size === (row.size ?? "") && typed.stock === row.stock && typed.price === (row.price ?? "") && !change.unit;
    if (typed.size.trim() === "" || isAsStored) return;
    keeping.send({ params: { path: { ingredient: row.id } }, body: { ...typed, unit: change.unit ?? unit } });
  };
  const box = (field: keyof typeof typed) => (
    <>
      <input
        className="num"
        inputMode="decimal"
        maxLength={12}
        aria-label={t(`shopping.${field}Of`, { name: row.name })}
        aria-invalid={keeping.at(field) !== undefined}
        value={typed[field]}
        onChange={(event) => setTyped({ ...typed, [field]: event.target.value })}
        onBlur={() => keep()}
      />
      <FieldProblem>{keeping.at(field)}</FieldProblem>
    </>
  );
  return (
    <tr>
      <th scope="row">
        {row.name}
        <span className="soft block font-normal">{row.labs.join(", ")}</span>
      </th>
      <td className="num">
        {grams(row.needed_g, row.decimals)}
        {row.pieces !== null && <span className="soft block">{t("shopping.pieces", { count: row.pieces })}</span>}
      </td>
      <td>
        <span className="pack-size">
          {box("size")}
          <select
            aria-label={t("shopping.unitOf", { name: row.name })}
            value={unit}
            onChange={(event) => {
              setUnit(event.target.value as PackUnit);
              keep({ unit: event.target.value as PackUnit });
            }}
          >
            {UNITS.map((one) => (
              <option key={one} value={one}>
                {t(`shopping.unit.${one}`)}
              </option>
            ))}
          </select>
        </span>
        <FieldProblem>{keeping.at("unit")}</FieldProblem>
      </td>
      <td>{box("stock")}</td>
      <td className="num to-get">
        {row.packs === null ? (
          grams(row.missing_g, row.missing_decimals)
        ) : (
          <>
            <b>{row.packs === 0 ? t("shopping.enough") : t("shopping.packs", { count: row.packs })}</b>
            {row.over_g !== null && row.over_g > 0 && (
              <span className="soft block">{t("shopping.over", { grams: grams(row.over_g, row.over_decimals) })}</span>
            )}
          </>
        )}
      </td>
      <td>{box("price")}</td>
      <td className="num">{row.cost !== null && shown(Number(row.cost), 2, i18n.language)}</td>
    </tr>
  );
}
