import createClient, { type Middleware } from "openapi-fetch";
import i18n from "../i18n/i18n";
import { tagged } from "../kit/numbers";
import { hearBuild } from "../shell/build";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];

/** What went wrong, in a form screens can show: one sentence, and messages by field. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly fields: Record<string, string[]> = {},
  ) {
    super(message);
  }

  /** What it says, where no field is to blame. */
  get ofAll(): string | undefined {
    return Object.keys(this.fields).length === 0 ? this.message : undefined;
  }

  /** Signed out, or the page's token is of an ended session. */
  get isSignedOut(): boolean {
    return this.status === 401 || this.status === 419;
  }
}

const cookie = (name: string) => document.cookie.match(new RegExp(`(?:^|; )${name}=([^;]*)`))?.[1];

/** A network that swallows everything is as good as none. */
const SLOWEST_MS = 8000;

const manners: Middleware = {
  onRequest({ request }) {
    request.headers.set("Accept", "application/json");
    request.headers.set("Accept-Language", tagged(i18n.language));
    const token = cookie("XSRF-TOKEN");
    if (token) request.headers.set("X-XSRF-TOKEN", decodeURIComponent(token));
  },
  async onResponse({ response }) {
    hearBuild(response);
    if (response.ok) return;
    const body = await response.json().catch(() => ({}));
    throw new Problem(response.status, body.message ?? i18n.t("problem.server"), body.errors ?? {});
  },
  onError() {
    return new Problem(0, i18n.t("problem.network"));
  },
};

/** A page's token ends with its session: one that was refused for its token alone is sent once more with a new one. */
const withFreshToken = async (request: Request): Promise<Response> => {
  const again = request.clone();
  const response = await fetch(request);
  if (response.status !== 419) return response;
  await fetch("/api/session", { headers: { Accept: "application/json" } });
  again.headers.set("X-XSRF-TOKEN", decodeURIComponent(cookie("XSRF-TOKEN") ?? ""));
  return fetch(again);
};

const client = createClient<paths>({ baseUrl: "/", credentials: "same-origin", fetch: withFreshToken });
client.use(manners);

export default client;

/**
 * Stores something under its own id: what the outbox sends. Stored is only what comes back with that id, as JSON: a sign-in page of the
 * school's network, or a proxy's, answers with 200 as well.
 */
export async function send(id: string, url: string, json: unknown): Promise<unknown> {
  const headers = new Headers({ Accept: "application/json", "Content-Type": "application/json" });
  const token = cookie("XSRF-TOKEN");
  if (token) headers.set("X-XSRF-TOKEN", decodeURIComponent(token));
  headers.set("Accept-Language", tagged(i18n.language));
  const request = new Request(url, {
    method: "PUT",
    headers,
    body: JSON.stringify(json),
    credentials: "same-origin",
    signal: AbortSignal.timeout(SLOWEST_MS),
  });
  const response = await withFreshToken(request).catch(() => {
    throw new Problem(0, i18n.t("problem.network"));
  });
  hearBuild(response);
  const answer = await response.json().catch(() => ({}));
  if (!response.ok) throw new Problem(response.status, answer.message ?? i18n.t("problem.server"), answer.errors ?? {});
  if (answer?.id !== id) throw new Problem(0, i18n.t("problem.network"));
  return answer;
}

/** The body of an answer that must have one: failures have been thrown by then. */
export async function body<T>(answer: Promise<{ data?: T }>): Promise<T> {
  const { data } = await answer;
  if (data === undefined) throw new Problem(0, i18n.t("problem.server"));
  return data;
}

export const asProblem = (error: unknown): Problem =>
  error instanceof Problem ? error : new Problem(0, error instanceof Error ? error.message : String(error));
