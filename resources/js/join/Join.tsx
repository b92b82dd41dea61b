import { type FormEvent, useEffect, useEffectEvent, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate, useSearchParams } from "react-router";
import client, { asProblem, body, type Schemas } from "../api/client";
import { useSend } from "../api/query";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import Keypad from "../kit/Keypad";
import Door from "../shell/Door";
import Loading from "../shell/Loading";
import { useEntering, useSession } from "../shell/session";

type Student = Schemas["SectionNames"]["students"][number];
const PIN_LENGTH = 4;

/** Class code, then a name, then a PIN: one thing at a time. */
export default function Join() {
  const { t } = useTranslation();
  const go = useNavigate();
  const [address] = useSearchParams();
  useSession(); // brings the token
  const [code, setCode] = useState(address.get("class") ?? "");
  const [student, setStudent] = useState<Student>();
  const [pin, setPin] = useState("");
  const finding = useSend("get", "/api/join/{code}");
  const joining = useEntering((input: { code: string; student_id: number; pin: string }) =>
    body(client.POST("/api/join", { body: input })),
  );
  // A link with the class's code in it asks for nothing that is known already.
  const linked = useRef(code.trim());
  const { send } = finding;
  const find = useEffectEvent((sought: string) => send({ params: { path: { code: sought } } }));
  useEffect(() => {
    if (linked.current !== "") find(linked.current);
  }, []);
  const problem = joining.isError ? asProblem(joining.error) : undefined;

  if (finding.isPending && linked.current !== "" && !finding.data) return <Loading />;
  if (!finding.data) {
    return (
      <Door title={t("join.title")}>
        <form
          className="grid gap-5"
          noValidate
          onSubmit={(event: FormEvent) => {
            event.preventDefault();
            finding.send({ params: { path: { code: code.trim() || "-" } } });
          }}
        >
          <Field
            label={t("join.code")}
            hint={t("join.codeHint")}
            autoCapitalize="characters"
            autoComplete="off"
            spellCheck={false}
            maxLength={12}
            value={code}
            onChange={(e) => setCode(e.target.value.toUpperCase())}
            problem={finding.says}
          />
          <button type="submit" className="btn btn-primary btn-main" aria-busy={finding.isPending}>
            {t("join.find")}
          </button>
        </form>
      </Door>
    );
  }

  if (!student) {
    return (
      <Door title={t("join.who")}>
        <p className="soft text-[1.125rem]">{finding.data.name}</p>
        <div className="names">
          {finding.data.students.map((one) => (
            <button key={one.id} type="button" className="name" onClick={() => setStudent(one)}>
              {one.name}
              <small>{one.station ?? t("join.noStation")}</small>
            </button>
          ))}
        </div>
      </Door>
    );
  }

  const join = (event: FormEvent) => {
    event.preventDefault();
    joining.mutate(
      { code, student_id: student.id, pin },
      { onSuccess: () => go("/kitchen"), onError: (_, sent) => setPin((now) => (now === sent.pin ? "" : now)) },
    );
  };
  return (
    <Door title={t(student.has_pin ? "join.pin" : "join.newPin")}>
      <form className="grid gap-4" onSubmit={join}>
        <p className="text-[1.125rem]">{t(student.has_pin ? "join.pinHint" : "join.newPinHint")}</p>
        <input
          className="unseen"
          aria-label={t("join.pin")}
          inputMode="numeric"
          type="password"
          autoComplete="off"
          value={pin}
          onChange={(e) => setPin(e.target.value.replace(/\D/g, "").slice(0, PIN_LENGTH))}
        />
        <p className="pins" aria-hidden>
          {[0, 1, 2, 3].map((i) => (
            <i key={i} className={i < pin.length ? "full" : ""} />
          ))}
        </p>
        <FieldProblem>{problem && (Object.values(problem.fields)[0]?.[0] ?? problem.message)}</FieldProblem>
        <Keypad onChange={setPin} decimals={0} longest={PIN_LENGTH} />
        <button
          type="submit"
          className="btn btn-primary btn-main"
          disabled={pin.length < PIN_LENGTH}
          aria-busy={joining.isPending}
        >
          {t("join.go", { name: student.name })}
        </button>
        <button
          type="button"
          className="quiet justify-self-center"
          onClick={() => {
            setStudent(undefined);
            setPin("");
            joining.reset();
          }}
        >
          {t("join.other", { name: student.name })}
        </button>
      </form>
    </Door>
  );
}
