import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { useDay } from "../kit/useDay";
import type { Page, useStandard } from "./standard";

/** Which bag is open, and that a new one was opened: what was found of the one before is not quite this one's. */
export default function BagLine({ page, standard }: { page: Page; standard: ReturnType<typeof useStandard> }) {
  const { t } = useTranslation();
  const day = useDay();
  const [isOpen, setOpen] = useState(false);
  const [name, setName] = useState("");
  const open = (event: FormEvent) => {
    event.preventDefault();
    const opened_on = new Date().toLocaleDateString("sv"); // the local day, year first
    standard.opening.send({ params: { path: standard.path }, body: { name: name.trim(), opened_on } }, () => {
      setOpen(false);
      setName("");
    });
  };
  return (
    <section className="bag-line">
      <p>
        {page.bag
          ? t("standard.bag", { name: page.bag.name, day: day(page.bag.opened_on, "short") })
          : t("standard.noBag")}
        {page.bag?.is_another && <b className="block">{t("standard.otherBag")}</b>}
        {page.bag_notice && <b className="block">{page.bag_notice}</b>}
      </p>
      {isOpen ? (
        <form onSubmit={open} className="trial-add">
          <label className="field">
            <span>{t("standard.bagName")}</span>
            <input
              value={name}
              maxLength={60}
              // biome-ignore lint/a11y/noAutofocus: asked for by the button that was just tapped
              autoFocus
              aria-invalid={standard.opening.problem !== undefined}
              onChange={(event) => setName(event.target.value)}
            />
          </label>
          <button type="submit" className="btn btn-outline" disabled={name.trim() === ""}>
            {t("standard.openBag")}
          </button>
        </form>
      ) : (
        <button type="button" className="btn btn-outline min-h-11" onClick={() => setOpen(true)}>
          {t("standard.newBag")}
        </button>
      )}
    </section>
  );
}
