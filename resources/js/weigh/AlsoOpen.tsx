import { useTranslation } from "react-i18next";
import { deviceName } from "./device";
import { type Line, useKitchen } from "./kitchen";

/** Another device of the station has this ingredient open, too. */
export default function AlsoOpen({ line }: { line: Line }) {
  const { t } = useTranslation();
  const other = useKitchen().measuring.find((one) => one.line === line.id && one.device !== deviceName());
  if (!other) return null;
  return <p className="also-open">{t(other.student ? "told.openBy" : "told.openToo", { student: other.student })}</p>;
}
