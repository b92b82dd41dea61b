import "../../css/prepare.css";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { QRCodeSVG } from "qrcode.react";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, Navigate, useNavigate, useParams } from "react-router";
import client, { asProblem, body, type Schemas } from "../api/client";
import Loading from "../app/Loading";
import ProblemNote from "../app/ProblemNote";
import Field from "../kit/Field";
import FieldProblem from "../kit/FieldProblem";
import Bowl from "./Bowl";
import Roster from "./Roster";
import Settings from "./Settings";

export type Class = Schemas["Class"];

/** `/class`: the first class, or the place to make one. */
export function ClassDoor() {
  const today = useQuery({ queryKey: ["today"], queryFn: () => body(client.GET("/api/today")) });
  const first = today.data?.sections[0];
  if (today.isPending) return <Loading />;
  if (today.isError) return <ProblemNote error={today.error} retry={today.refetch} />;
  return first ? <Navigate to={`/class/${first.id}`} replace /> : <NewClass />;
}

export default function ClassScreen() {
  const { section = "" } = useParams();
  const found = useQuery({
    queryKey: ["class", Number(section)],
    queryFn: () => body(client.GET("/api/sections/{section}", { params: { path: { section: Number(section) } } })),
  });
  if (found.data) return <ClassPage key={found.data.id} one={found.data} />;
  if (found.isPending) return <Loading />;
  return <ProblemNote error={found.error} retry={found.refetch} />;
}

/** Who sits where, the codes to come in by, the class's settings, who helps. */
function ClassPage({ one }: { one: Class }) {
  const { t } = useTranslation();
  const today = useQuery({ queryKey: ["today"], queryFn: () => body(client.GET("/api/today")) });
  const [making, setMaking] = useState(false);
  if (making) return <NewClass cancel={() => setMaking(false)} />;
  return (
    <main className="sheet">
      <div className="grid content-start gap-9">
        <header className="sheet-head !pb-0">
          <h1>{one.settings.name}</h1>
          <p className="flex flex-wrap gap-2">
            {today.data?.sections
              .filter((other) => other.id !== one.id)
              .map((other) => (
                <Link key={other.id} className="quiet grid items-center" to={`/class/${other.id}`}>
                  {other.name}
                </Link>
              ))}
            <button type="button" className="btn btn-outline" onClick={() => setMaking(true)}>
              {t("class.make")}
            </button>
          </p>
        </header>
        <Seats one={one} />
        <Roster section={one.id} />
        <Settings one={one} />
      </div>
      <aside className="sheet-side">
        <Codes one={one} />
        <Colleagues one={one} />
      </aside>
    </main>
  );
}

export function useClassChange(section: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: () => Promise<unknown>) => change(),
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ["class", section] }),
        queries.invalidateQueries({ queryKey: ["today"] }),
      ]),
  });
}

/** Every student with a seat to choose: by keyboard, by touch, and by dragging a name onto a station. */
function Seats({ one }: { one: Class }) {
  const { t } = useTranslation();
  const change = useClassChange(one.id);
  const [name, setName] = useState("");
  const path = { section: one.id };
  const seat = (student: number, station: number | null) => {
    const who = one.students.find((each) => each.id === student);
    if (!who || who.station_id === station) return;
    change.mutate(() =>
      client.PUT("/api/sections/{section}/students/{student}", {
        params: { path: { ...path, student } },
        body: { name: who.name, station_id: station },
      }),
    );
  };
  const add = (event: FormEvent) => {
    event.preventDefault();
    change.mutate(() => client.POST("/api/sections/{section}/stations", { params: { path }, body: { name } }), {
      onSuccess: () => setName(""),
    });
  };
  const problem = change.isError ? asProblem(change.error) : undefined;
  return (
    <section>
      <h2 className="h2rim">{t("class.seats")}</h2>
      <div className="seats">
        {[...one.stations, null].map((station) => {
          const here = one.students.filter((student) => student.station_id === (station?.id ?? null));
          if (!station && here.length === 0) return null;
          return (
            <section
              key={station?.id ?? "none"}
              className="seat"
              aria-label={station?.name ?? t("class.noSeat")}
              onDragOver={(event) => event.preventDefault()}
              onDrop={(event) => seat(Number(event.dataTransfer.getData("text/plain")), station?.id ?? null)}
            >
              <h3>
                {station?.name ?? t("class.noSeat")}
                {station && here.length === 0 && (
                  <button
                    type="button"
                    className="quiet"
                    aria-label={t("class.dropStation", { name: station.name })}
                    onClick={() =>
                      change.mutate(() =>
                        client.DELETE("/api/sections/{section}/stations/{station}", {
                          params: { path: { ...path, station: station.id } },
                        }),
                      )
                    }
                  >
                    {t("lab.takeOut")}
                  </button>
                )}
              </h3>
              {station && <Bowl one={one} station={station} />}
              <ul>
                {here.map((student) => (
                  <li
                    key={student.id}
                    draggable
                    onDragStart={(event) => event.dataTransfer.setData("text/plain", String(student.id))}
                  >
                    <span>{student.name}</span>
                    <select
                      aria-label={t("class.seatOf", { name: student.name })}
                      value={student.station_id ?? ""}
                      onChange={(event) => seat(student.id, event.target.value ? Number(event.target.value) : null)}
                    >
                      <option value="">{t("class.noSeat")}</option>
                      {one.stations.map((each) => (
                        <option key={each.id} value={each.id}>
                          {each.name}
                        </option>
                      ))}
                    </select>
                    {student.has_pin && (
                      <button
                        type="button"
                        className="quiet"
                        aria-label={t("class.resetPinOf", { name: student.name })}
                        onClick={() =>
                          change.mutate(() =>
                            client.PUT("/api/sections/{section}/students/{student}", {
                              params: { path: { ...path, student: student.id } },
                              body: { name: student.name, station_id: student.station_id, reset_pin: true },
                            }),
                          )
                        }
                      >
                        {t("class.resetPin")}
                      </button>
                    )}
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
      </div>
      <form className="flex items-end gap-3 pt-4" onSubmit={add} noValidate>
        <Field
          label={t("class.newStation")}
          value={name}
          maxLength={40}
          problem={problem?.fields.name?.[0]}
          onChange={(event) => setName(event.target.value)}
        />
        <button type="submit" className="btn btn-outline min-h-11">
          {t("class.add")}
        </button>
      </form>
      {problem && !problem.fields.name && <FieldProblem>{problem.message}</FieldProblem>}
    </section>
  );
}

function Codes({ one }: { one: Class }) {
  const { t } = useTranslation();
  const change = useClassChange(one.id);
  const join = `${window.location.origin}/join?class=${one.code}`;
  return (
    <section>
      <h2 className="h2rim">{t("class.codes")}</h2>
      <div className="flex items-center gap-4 py-3">
        <QRCodeSVG value={join} size={112} title={t("class.qr", { code: one.code })} marginSize={2} />
        <p>
          <b className="display block text-[1.75rem] tracking-wider">{one.code}</b>
          <span className="soft">{t("class.codeHint")}</span>
        </p>
      </div>
      <button
        type="button"
        className="btn btn-outline"
        onClick={() =>
          change.mutate(() => client.POST("/api/sections/{section}/code", { params: { path: { section: one.id } } }))
        }
      >
        {t("class.renew")}
      </button>
      <table className="supplies">
        <tbody>
          {one.stations.map((station) => (
            <tr key={station.id}>
              <th scope="row">{station.name}</th>
              <td className="display tracking-wider">{station.code}</td>
              <td className="text-right">
                <button
                  type="button"
                  className="quiet !min-h-8"
                  aria-label={t("class.renewOf", { name: station.name })}
                  onClick={() =>
                    change.mutate(() =>
                      client.PUT("/api/sections/{section}/stations/{station}", {
                        params: { path: { section: one.id, station: station.id } },
                        body: { name: station.name, renew: true },
                      }),
                    )
                  }
                >
                  {t("class.renewShort")}
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Colleagues({ one }: { one: Class }) {
  const { t } = useTranslation();
  const change = useClassChange(one.id);
  const [email, setEmail] = useState("");
  const [role, setRole] = useState<"co-teacher" | "aide">("co-teacher");
  const path = { section: one.id };
  const problem = change.isError ? asProblem(change.error) : undefined;
  const add = (event: FormEvent) => {
    event.preventDefault();
    change.mutate(
      () => client.POST("/api/sections/{section}/colleagues", { params: { path }, body: { email, role } }),
      { onSuccess: () => setEmail("") },
    );
  };
  return (
    <section>
      <h2 className="h2rim">{t("class.colleagues")}</h2>
      <ul>
        {one.colleagues.map((colleague) => (
          <li key={colleague.id} className="note flex items-center justify-between">
            <span>
              {colleague.name}, {t(`class.${colleague.role}`)}
            </span>
            <button
              type="button"
              className="quiet !min-h-8"
              onClick={() =>
                change.mutate(() =>
                  client.DELETE("/api/sections/{section}/colleagues/{colleague}", {
                    params: { path: { ...path, colleague: colleague.id } },
                  }),
                )
              }
            >
              {t("lab.takeOut")}
            </button>
          </li>
        ))}
      </ul>
      <form className="grid gap-3 pt-3" onSubmit={add} noValidate>
        <Field
          label={t("class.email")}
          type="email"
          value={email}
          problem={problem && (problem.fields.email?.[0] ?? problem.message)}
          onChange={(event) => setEmail(event.target.value)}
        />
        <label className="field">
          <span>{t("class.role")}</span>
          <select value={role} onChange={(event) => setRole(event.target.value as typeof role)}>
            <option value="co-teacher">{t("class.co-teacher")}</option>
            <option value="aide">{t("class.aide")}</option>
          </select>
        </label>
        <button type="submit" className="btn btn-outline min-h-11">
          {t("class.invite")}
        </button>
      </form>
    </section>
  );
}

function NewClass({ cancel }: { cancel?: () => void }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const queries = useQueryClient();
  const [name, setName] = useState("");
  const [from, setFrom] = useState("10:00");
  const [to, setTo] = useState("10:47");
  const making = useMutation({
    mutationFn: () => body(client.POST("/api/sections", { body: { name, starts_at: from, ends_at: to } })),
    onSuccess: ({ id }) => {
      queries.invalidateQueries({ queryKey: ["today"] });
      cancel?.();
      go(`/class/${id}`);
    },
  });
  const fields = making.isError ? asProblem(making.error).fields : {};
  return (
    <main className="desk">
      <h1>{t("class.make")}</h1>
      <ClassFile done={cancel} />
      <form
        className="grid max-w-md gap-4"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          making.mutate();
        }}
      >
        <Field
          label={t("class.name")}
          value={name}
          maxLength={80}
          problem={fields.name?.[0]}
          onChange={(e) => setName(e.target.value)}
        />
        <Field
          label={t("class.from")}
          type="time"
          value={from}
          problem={fields.starts_at?.[0]}
          onChange={(e) => setFrom(e.target.value)}
        />
        <Field
          label={t("class.to")}
          type="time"
          value={to}
          problem={fields.ends_at?.[0]}
          onChange={(e) => setTo(e.target.value)}
        />
        <p className="flex gap-2">
          <button type="submit" className="btn btn-primary h-12 px-6">
            {t("class.make")}
          </button>
          {cancel && (
            <button type="button" className="btn btn-outline h-12" onClick={cancel}>
              {t("recipe.cancel")}
            </button>
          )}
        </p>
      </form>
    </main>
  );
}

/** Classes from a file of the school's own system. */
function ClassFile({ done }: { done: (() => void) | undefined }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const queries = useQueryClient();
  const taking = useMutation({
    mutationFn: (text: string) => body(client.POST("/api/sections/import", { body: { text } })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["today"] });
      done?.();
      go("/today");
    },
  });
  const problem = taking.isError ? asProblem(taking.error) : undefined;
  return (
    <label className="field order-last">
      <span>{t("class.file2")}</span>
      <input
        type="file"
        accept=".csv,text/csv"
        onChange={async (event) => {
          const [file] = event.target.files ?? [];
          if (file) taking.mutate(await file.text());
        }}
      />
      <FieldProblem>{problem && (problem.fields.text?.[0] ?? problem.message)}</FieldProblem>
    </label>
  );
}
