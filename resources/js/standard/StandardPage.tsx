import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { shown } from "../kit/numbers";
import BagLine from "./BagLine";
import DotLine from "./DotLine";
import OddOne from "./OddOne";
import PastWeighings from "./PastWeighings";
import type { Page } from "./standard";
import { useStandard } from "./standard";
import TrialList from "./TrialList";
import UseIt from "./UseIt";

/** What our own food weighs: trials as dots on the line, what others publish under it, and the button that takes it on. */
export default function StandardPage({ page }: { page: Page }) {
  const { t, i18n } = useTranslation();
  const standard = useStandard(page);
  const [packet, setPacket] = useState({ grams: "", amount: "1/2" });
  const comparePacket = (event: FormEvent) => {
    event.preventDefault();
    standard.keep({ packet_grams: packet.grams, packet_amount: packet.amount });
  };
  const toolKey = (tool: { id: string; named: number | null }) => `${tool.id} ${tool.named ?? ""}`;
  return (
    <main className="sheet-one standard">
      <header className="sheet-head">
        <h1>{t("standard.title", { name: page.name })}</h1>
        <Link className="btn btn-outline" to={`/pantry?food=${page.id}`}>
          {t("standard.toPantry")}
        </Link>
      </header>
      <div className="standard-how">
        <label className="field">
          <span>{t("standard.handling")}</span>
          <select
            value={page.handling}
            onChange={(event) => standard.keep({ handling: event.target.value as Page["handling"], trials: [] })}
          >
            {page.handlings.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
        <label className="field">
          <span>{t("standard.tool")}</span>
          <select
            value={toolKey({ id: page.tool, named: page.named })}
            onChange={(event) => {
              const to = page.tools.find((one) => toolKey(one) === event.target.value);
              if (to) standard.keep({ tool: to.id, named: to.named, ...(to.id !== page.tool && { trials: [] }) });
            }}
          >
            {page.tools.map((one) => (
              <option key={toolKey(one)} value={toolKey(one)}>
                {`${one.name}${one.checked ? `, ${shown(one.ml, 1, i18n.language)} mL` : ""}`}
              </option>
            ))}
          </select>
        </label>
        <label className="field">
          <span>{t("standard.scale")}</span>
          <select
            value={page.scale_id ?? ""}
            onChange={(event) => standard.keep({ scale_id: Number(event.target.value) || null })}
          >
            <option value="">{t("standard.anyScale")}</option>
            {page.scales.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
        <BagLine page={page} standard={standard} />
      </div>
      <DotLine page={page} />
      <div className="standard-three">
        <div>
          <TrialList page={page} standard={standard} />
          <PastWeighings page={page} standard={standard} />
        </div>
        <div>
          <OddOne page={page} standard={standard} />
          <form onSubmit={comparePacket}>
            <h2 className="h2rim">{t("standard.packet")}</h2>
            <p className="soft">{t("standard.packetHint")}</p>
            <div className="trial-add">
              <label className="field">
                <span>{t("standard.packetGrams")}</span>
                <input
                  inputMode="decimal"
                  maxLength={6}
                  value={packet.grams}
                  aria-invalid={standard.keeping.at("packet_grams") !== undefined}
                  onChange={(event) => setPacket({ ...packet, grams: event.target.value })}
                />
              </label>
              <label className="field">
                <span>{t("standard.packetCups")}</span>
                <input
                  maxLength={6}
                  value={packet.amount}
                  aria-invalid={standard.keeping.at("packet_amount") !== undefined}
                  onChange={(event) => setPacket({ ...packet, amount: event.target.value })}
                />
              </label>
              <button type="submit" className="btn btn-outline" disabled={packet.grams === ""}>
                {t("standard.compare")}
              </button>
            </div>
          </form>
        </div>
        <UseIt page={page} standard={standard} />
      </div>
    </main>
  );
}
