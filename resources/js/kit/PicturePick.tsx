import { useState } from "react";
import { useTranslation } from "react-i18next";
import FieldProblem from "./FieldProblem";
import { smallPicture } from "./smallPicture";

type Props = { label: string; rule: string; problem: string | undefined; onPicture: (base64: string) => void };

/** The shutter, with its rule beside it. */
export default function PicturePick({ label, rule, problem, onPicture }: Props) {
  const { t } = useTranslation();
  const [failed, setFailed] = useState(false);
  return (
    <div>
      <label className="picture-pick">
        <span className="btn btn-outline">{label}</span>
        <b>{rule}</b>
        <input
          type="file"
          accept="image/*"
          capture="environment"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            if (!file) return;
            setFailed(false);
            smallPicture(file).then(onPicture, () => setFailed(true));
          }}
        />
      </label>
      <FieldProblem>{failed ? t("picture.failed") : problem}</FieldProblem>
    </div>
  );
}
