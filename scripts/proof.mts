// npm run proof: 20,000 random people, shelves and looks against a second telling of the rules that stop
// (tests/proof). In slices of 250; what is done is kept in .proof.json, and a run that was broken off goes on
// from there. CASES and FIRST set how many and from which number; FRESH=1 begins again.
import { fork } from "node:child_process";
import { existsSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { availableParallelism } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { nothingProved, prove, sumOf, type Proved } from "../tests/proof/prove";
import { ROOT } from "./steps.cjs";

const SLICE = 250;
const FILE = join(ROOT, ".proof.json");
const [cases, first] = [Number(process.env.CASES ?? 20_000), Number(process.env.FIRST ?? 1)];

interface Kept {
  readonly cases: number;
  readonly first: number;
  readonly slices: Readonly<Record<string, Proved>>;
}

const numbersOf = (slice: number): number[] =>
  Array.from(
    { length: Math.min(SLICE, cases - slice * SLICE) },
    (_, i) => first + slice * SLICE + i,
  );

// A process of its own for each processor: it is told a slice and answers what that came to.
if (process.send) {
  process.on("message", (slice: number) => {
    const proved = numbersOf(slice).map(prove).reduce(sumOf, nothingProved());
    process.send?.({ slice, proved });
  });
} else {
  if (process.env.FRESH) rmSync(FILE, { force: true });
  const kept = existsSync(FILE) ? (JSON.parse(readFileSync(FILE, "utf8")) as Kept) : null;
  const slices: Record<string, Proved> =
    kept && kept.cases === cases && kept.first === first ? { ...kept.slices } : {};
  const count = Math.ceil(cases / SLICE);
  const open = Array.from({ length: count }, (_, i) => i).filter((i) => !(i in slices));
  if (open.length < count) console.log(`goes on: ${count - open.length} of ${count} slices known`);
  const told = () => Object.values(slices).reduce(sumOf, nothingProved());
  await Promise.all(
    Array.from({ length: Math.min(availableParallelism(), Math.max(1, open.length)) }, async () => {
      const worker = fork(fileURLToPath(import.meta.url), { execArgv: ["--import", "tsx"] });
      for (let slice = open.shift(); slice !== undefined; slice = open.shift()) {
        const done = await new Promise<{ slice: number; proved: Proved }>((resolve, reject) => {
          worker.once("message", (message) =>
            resolve(message as { slice: number; proved: Proved }),
          );
          worker.once("error", reject);
          worker.send(slice);
        });
        worker.removeAllListeners("error");
        slices[done.slice] = done.proved;
        writeFileSync(FILE, JSON.stringify({ cases, first, slices } satisfies Kept));
        const { cases: so, faults } = told();
        console.log(`${so} of ${cases} cases, ${faults.length} faults`);
      }
      worker.kill();
    }),
  );
  const { faults, ...counts } = told();
  console.log(
    Object.entries(counts)
      .map(([key, value]) => `${key} ${value}`)
      .join(", "),
  );
  for (const fault of faults.slice(0, 40)) console.log(fault);
  console.log(`${faults.length} faults`);
  process.exit(faults.length ? 1 : 0);
}
