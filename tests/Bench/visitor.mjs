// Browsers that a bench plays: a connection kept open, cookies, and the stream of live facts. Loopback only.
import http from "node:http";
import https from "node:https";

export const base = new URL(process.env.HOVIK_URL);
const lib = (url) => (url.protocol === "https:" ? https : http);

/** One browser: a connection kept open and its cookies. */
export class Visitor {
  cookies = new Map();

  /** @param {URL} at  of another installation than HOVIK_URL's */
  constructor(at = base) {
    if (at.hostname !== "127.0.0.1") throw new Error("loopback only");
    this.base = at;
    this.agent = new (lib(at).Agent)({ keepAlive: true, maxSockets: 1 });
  }

  keepCookies(answer) {
    for (const line of answer.headers["set-cookie"] ?? []) {
      const [, name, value] = line.match(/^([^=]+)=([^;]*)/);
      this.cookies.set(name, value);
    }
  }

  ask(method, path, body) {
    return new Promise((resolve, reject) => {
      const payload = body && JSON.stringify(body);
      const headers = { Accept: "application/json", Cookie: [...this.cookies].map(([k, v]) => `${k}=${v}`).join("; ") };
      if (payload)
        Object.assign(headers, { "Content-Type": "application/json", "Content-Length": Buffer.byteLength(payload) });
      if (method !== "GET") headers["X-XSRF-TOKEN"] = decodeURIComponent(this.cookies.get("XSRF-TOKEN") ?? "");
      const call = lib(this.base).request(
        { agent: this.agent, host: this.base.hostname, port: this.base.port, method, path, headers },
        (answer) => {
          this.keepCookies(answer);
          const parts = [];
          answer.on("data", (part) => parts.push(part));
          answer.on("end", () => resolve({ status: answer.statusCode, text: Buffer.concat(parts).toString() }));
        },
      );
      call.on("error", reject);
      call.end(payload);
    });
  }

  /** Any bytes by any method: only the status is of interest. */
  raw(method, path, text, more = {}) {
    return new Promise((resolve, reject) => {
      const headers = {
        Accept: "application/json",
        Cookie: [...this.cookies].map(([k, v]) => `${k}=${v}`).join("; "),
        "X-XSRF-TOKEN": decodeURIComponent(this.cookies.get("XSRF-TOKEN") ?? ""),
        ...(text !== undefined && {
          "Content-Type": "application/json",
          "Content-Length": Buffer.byteLength(text),
        }),
        ...more,
      };
      const call = lib(this.base).request(
        { agent: this.agent, host: this.base.hostname, port: this.base.port, method, path, headers },
        (answer) => {
          this.keepCookies(answer);
          answer.resume();
          answer.on("end", () => resolve(answer.statusCode));
        },
      );
      call.on("error", reject);
      call.end(text);
    });
  }

  /** Hears a stream of live facts until it is closed; says so once it is open, and to `cut` when it ends. */
  listen(path, hear, cut = () => {}) {
    return new Promise((resolve, reject) => {
      const headers = {
        Accept: "text/event-stream",
        Cookie: [...this.cookies].map(([k, v]) => `${k}=${v}`).join("; "),
      };
      const call = lib(this.base).request(
        { agent: false, host: this.base.hostname, port: this.base.port, path, headers },
        (answer) => {
          if (answer.statusCode !== 200) return reject(new Error(`${path}: ${answer.statusCode}`));
          this.stream = call;
          let rest = "";
          answer.on("data", (part) => {
            const lines = (rest + part).split("\n");
            rest = lines.pop() ?? "";
            for (const line of lines) if (line.startsWith("data:")) hear(JSON.parse(line.slice(5)));
          });
          answer.on("error", () => {});
          answer.on("close", cut);
          resolve();
        },
      );
      call.on("error", reject);
      call.end();
    });
  }

  /** Another window of the same browser: who is signed in is the same. */
  another() {
    const other = new Visitor(this.base);
    other.cookies = new Map(this.cookies);
    return other;
  }

  close() {
    this.stream?.destroy();
    this.agent.destroy();
  }

  async expect(status, method, path, body) {
    const answer = await this.ask(method, path, body);
    if (answer.status !== status) throw new Error(`${method} ${path}: ${answer.status} ${answer.text.slice(0, 200)}`);
    return answer.text ? JSON.parse(answer.text) : undefined;
  }
}

export async function signIn(path, credentials, at = base) {
  const visitor = new Visitor(at);
  await visitor.expect(200, "GET", "/api/session");
  await visitor.expect(200, "POST", path, credentials);
  return visitor;
}
