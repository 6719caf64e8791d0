import { contentSecurityPolicy, refusalOf, type Knock } from "./gate";

const knock = (values: Partial<Knock>): Knock => ({
  method: "POST",
  path: "/api/looks",
  host: "127.0.0.1:4310",
  origin: "http://127.0.0.1:4310",
  site: "same-origin",
  mode: "cors",
  length: "20",
  ...values,
});
const statusOf = (values: Partial<Knock>, published: string | null = null) =>
  refusalOf(knock(values), {
    published: published === null ? null : new URL(published),
    names: ["192.168.7.2"],
  })?.status ?? 200;

describe("the gate", () => {
  it.each<[string, Partial<Knock>, number]>([
    ["its own page writes", {}, 200],
    ["a program without a browser writes", { origin: null, site: null, mode: null }, 200],
    ["localhost", { host: "localhost:4310", origin: "http://localhost:4310" }, 200],
    ["six", { host: "[::1]:4310", origin: "http://[::1]:4310" }, 200],
    ["where it listens", { host: "192.168.7.2:4310", origin: "http://192.168.7.2:4310" }, 200],
    ["another machine's address", { host: "192.168.7.3:4310" }, 421],
    ["another page's form", { origin: "http://evil.example", site: "cross-site" }, 403],
    ["a page on another port of this machine", { origin: "http://127.0.0.1:8080" }, 403],
    ["a sandboxed frame", { origin: "null", site: "cross-site" }, 403],
    ["no origin, but from elsewhere", { origin: null, site: "cross-site" }, 403],
    ["same site, another origin", { origin: null, site: "same-site" }, 403],
    [
      "a name that was made to lead here",
      { host: "evil.example", origin: "http://evil.example" },
      421,
    ],
    ["no name", { host: null }, 421],
    ["an odd method", { method: "TRACE" }, 405],
    ["another odd method", { method: "PROPFIND" }, 405],
    ["a malformed path", { path: "/api/looks/%E0%A4%A" }, 400],
    ["a nought in the path", { path: "/api/looks/%00" }, 400],
    ["too much", { length: String(2 ** 40) }, 413],
    ["an image on another page", { method: "GET", site: "cross-site", mode: "no-cors" }, 403],
    ["a fetch of another page", { method: "GET", site: "cross-site", mode: "cors" }, 403],
    ["a link from another page", { method: "GET", site: "cross-site", mode: "navigate" }, 200],
    ["an address typed", { method: "GET", origin: null, site: "none", mode: "navigate" }, 200],
  ])("%s", (_, values, status) => expect(statusOf(values)).toBe(status));

  it("knows the name a proxy publishes it under, and that alone", () => {
    const at = "https://studio.example";
    const own = { host: "studio.example", origin: at };
    expect(statusOf(own, at)).toBe(200);
    expect(statusOf({ ...own, origin: "http://studio.example:81" }, at)).toBe(403);
    expect(statusOf({ host: "other.example", origin: "https://other.example" }, at)).toBe(421);
  });

  it("lets no page run what is not its own", () => {
    const policy = contentSecurityPolicy("n");
    expect(policy).toContain("script-src 'self' 'nonce-n'");
    expect(policy).not.toMatch(/unsafe-eval|script-src[^;]*unsafe-inline/);
  });
});
