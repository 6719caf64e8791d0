import { addressOf, ask } from "./ask";

describe("asking a route", () => {
  const asked: { url: string; method: string | undefined; body: unknown }[] = [];
  const before = globalThis.fetch;
  afterAll(() => {
    globalThis.fetch = before;
  });
  beforeAll(() => {
    globalThis.fetch = (url, init) => {
      const body: unknown = JSON.parse(init?.body as string);
      asked.push({ url: url as string, method: init?.method, body });
      return Promise.resolve(Response.json({ version: 8 }));
    };
  });

  it("fills in what stands in brackets, whatever is in it", () => {
    expect(addressOf("PUT /api/jobs/[id]/asked", { id: "a b/c" })).toBe(
      "/api/jobs/a%20b%2Fc/asked",
    );
    expect(addressOf("PUT /api/archive/[kind]/[id]", { kind: "look", id: "7" })).toBe(
      "/api/archive/look/7",
    );
  });
  it("sends the body by the route's method, and answers what came back", async () => {
    const answer = await ask("PUT /api/products/[id]/archived", { id: "coal" }, { archived: true });
    expect(answer).toEqual({ ok: true, value: { version: 8 } });
    expect(asked).toEqual([
      { url: "/api/products/coal/archived", method: "PUT", body: { archived: true } },
    ]);
  });
});
