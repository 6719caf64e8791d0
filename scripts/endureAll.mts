// npm run endure: the whole of scripts/endure.ts. Some twenty minutes.
import { endure, enduredWords, isFaultless } from "./endure";
import { build } from "./steps.cjs";

if (!build()) process.exit(1);
const seed = Number(process.env.SEED ?? 20261127);
console.log(`seed ${seed}`);
const KILLS = { saving: 100, firstStart: 30, upgrade: 30, restore: 20, bringIn: 20 };
const all = await endure(KILLS, seed, (endured) => console.log(enduredWords(endured)));
const kills = all.reduce((sum, endured) => sum + endured.kills, 0);
const bad = all.filter((endured) => !isFaultless(endured));
console.log(`${kills} kills in all, ${bad.length} kinds with faults`);
process.exit(bad.length ? 1 : 0);
