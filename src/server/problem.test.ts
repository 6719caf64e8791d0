import { z } from "zod";
import { NotFound, StaleVersion } from "@/store";
import { jsonRoute, notFound, stopped, type ProblemDocument } from "./problem";

const Schema = z
  .object({ name: z.string().min(1, "give it a name"), size: z.number().positive("more than 0") })
  .strict();

/** Calls a route made of the schema above and an act, as Next would. */
async function call(
  body: string,
  act: (value: z.output<typeof Schema>) => Promise<unknown> = async (value) => value,
  type = "application/json",
) {
  const route = jsonRoute(Schema, act);
  const request = new Request("http://127.0.0.1/api/things", {
    method: "POST",
    body,
    headers: { "content-type": type },
  });
  const response = await route(request, { params: Promise.resolve({}) });
  return {
    status: response.status,
    type: response.headers.get("content-type"),
    body: (await response.json()) as ProblemDocument & Record<string, unknown>,
  };
}

const good = JSON.stringify({ name: "pot", size: 3 });
const failing = (error: unknown) => async () => {
  throw error;
};

describe("jsonRoute", () => {
  it("hands the parsed body on and answers with what comes back", async () => {
    expect(await call(good)).toMatchObject({ status: 200, body: { name: "pot", size: 3 } });
    expect(await call(good, async () => undefined)).toMatchObject({ status: 200, body: {} });
  });

  it("passes the address's parameters on", async () => {
    const route = jsonRoute(Schema, async (_, { id }: { id: string }) => ({ id }));
    const request = new Request("http://127.0.0.1/api/things/7", {
      method: "PUT",
      body: good,
      headers: { "content-type": "application/json; charset=utf-8" },
    });
    const response = await route(request, { params: Promise.resolve({ id: "7" }) });
    expect(await response.json()).toEqual({ id: "7" });
  });

  it("names every field that is wrong, and the ones it does not know", async () => {
    const { status, type, body } = await call(
      JSON.stringify({ name: "", size: -1, colour: "red" }),
    );
    expect(status).toBe(400);
    expect(type).toBe("application/problem+json");
    expect(body.errors?.map((error) => error.field).sort()).toEqual(["colour", "name", "size"]);
    expect(body.errors?.find((error) => error.field === "name")?.message).toBe("give it a name");
    expect(body.detail).toContain("more than 0");
  });

  it.each([
    ["", "is not JSON"],
    ["{", "is not JSON"],
    ["null", "Send an object"],
    ["[]", "Send an object"],
  ])("refuses %p", async (text, says) => {
    const { status, body } = await call(text);
    expect(status).toBe(400);
    expect(body.errors?.[0]).toMatchObject({ field: "body" });
    expect(body.errors?.[0]?.message).toContain(says);
  });

  it("refuses other kinds of content, and too much of it", async () => {
    expect((await call(good, undefined, "text/plain")).status).toBe(415);
    expect((await call(JSON.stringify({ name: "x".repeat(1_000_001), size: 1 }))).status).toBe(413);
  });

  it("turns what the use case finds into its problem", async () => {
    expect(await call(good, failing(notFound("look")))).toMatchObject({
      status: 404,
      body: { title: "There is no such look." },
    });
    expect(await call(good, failing(new NotFound("job")))).toMatchObject({
      status: 404,
      body: { title: "There is no such job." },
    });
    expect(await call(good, failing(new StaleVersion(8)))).toMatchObject({
      status: 409,
      body: { currentVersion: 8 },
    });
    const finding = {
      key: "k",
      rule: "SAFE-2",
      severity: "stop",
      where: { zones: [] },
      message: "allergic",
    } as const;
    expect(await call(good, failing(stopped([finding])))).toMatchObject({
      status: 422,
      body: { detail: "allergic", findings: [{ rule: "SAFE-2" }] },
    });
  });

  it("tells nothing of the inside when it fails, and writes it to the log", async () => {
    const log = jest.spyOn(console, "error").mockImplementation(() => undefined);
    const { status, body } = await call(good, failing(new Error("secret path")));
    expect(status).toBe(500);
    expect(JSON.stringify(body)).not.toContain("secret");
    expect(log).toHaveBeenCalledTimes(1);
    log.mockRestore();
  });
});
