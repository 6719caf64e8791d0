import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import * as climate from "./climate";
import * as colour from "./colour";
import * as schedule from "./schedule";
import * as vision from "./vision";

/** What an example of the documentation says, read as a line of code and its answer. */
interface Example {
  readonly file: string;
  readonly code: string;
  readonly answer: string;
}

const MODULES = { colour, vision, climate, schedule };

const examplesOf = (module: string): Example[] =>
  readdirSync(join(__dirname, module))
    .filter((file) => file.endsWith(".ts") && !file.includes(".test."))
    .flatMap((file) =>
      [
        ...readFileSync(join(__dirname, module, file), "utf8").matchAll(
          /\* @example (.+?) \/\/ (.+)/g,
        ),
      ].map(([, code = "", answer = ""]) => ({ file: `${module}/${file}`, code, answer })),
    );

/** Numbers are as good as they are written: 2.91 is anything that rounds to it. */
function agrees(value: unknown, said: unknown, written: string): boolean {
  if (typeof value === "number" && typeof said === "number") {
    const decimals = /\.(\d+)/.exec(written)?.[1]?.length ?? 0;
    return Math.abs(value - said) <= 0.5000001 * 10 ** -decimals;
  }
  if (Array.isArray(value) && Array.isArray(said))
    return (
      value.length === said.length && value.every((entry, i) => agrees(entry, said[i], written))
    );
  return value === said;
}

const ALL = Object.keys(MODULES).flatMap(examplesOf);

describe("the examples of the documentation", () => {
  it("are there for every module that others call", () => {
    for (const name of Object.keys(MODULES))
      expect(ALL.filter(({ file }) => file.startsWith(`${name}/`)).length).toBeGreaterThan(0);
    expect(ALL.length).toBeGreaterThanOrEqual(13);
  });
  it.each(ALL)("$file: $code", ({ code, answer }) => {
    const scope: Record<string, unknown> = { ...colour, ...vision, ...climate, ...schedule };
    // An example is code in a comment: running it is the whole point.
    // eslint-disable-next-line @typescript-eslint/no-implied-eval
    const run = new Function(...Object.keys(scope), `return ${code};`) as (
      ...values: unknown[]
    ) => unknown;
    const value = run(...Object.values(scope));
    expect({ code, value, agrees: agrees(value, JSON.parse(answer), answer) }).toMatchObject({
      agrees: true,
    });
  });
});
