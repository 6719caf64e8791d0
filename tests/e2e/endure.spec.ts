import { EARLIER, endure, enduredWords, isFaultless } from "../../scripts/endure";
import { expect, test } from "./studio";

test("killed in the middle of a save, a first start, an upgrade, a restore and bringing in a studio: nothing acknowledged is lost, every studio opens, none is half of two", async () => {
  // The oldest and the newest of the earlier schemas; all of them, many times, are npm run endure.
  const schemas = [EARLIER[0] ?? 0, EARLIER.at(-1) ?? 0];
  const kills = { saving: 3, firstStart: 1, upgrade: 1, schemas, restore: 2, bringIn: 2 };
  const all = await endure(kills, 7, (endured) => console.log(enduredWords(endured)));
  expect(all.filter((endured) => !isFaultless(endured))).toEqual([]);
  expect(all).toHaveLength(4 + schemas.length);
});
