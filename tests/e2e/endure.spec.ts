import { endure, enduredWords, isFaultless } from "../../scripts/endure";
import { MIGRATIONS } from "../../src/store/migrations";
import { expect, test } from "./studio";

test("killed in the middle of a save, a first start, an upgrade, a restore and bringing in a studio: nothing acknowledged is lost, every studio opens, none is half of two", async () => {
  const kills = { saving: 3, firstStart: 1, upgrade: 1, restore: 2, bringIn: 2 };
  const all = await endure(kills, 7, (endured) => console.log(enduredWords(endured)));
  expect(all.filter((endured) => !isFaultless(endured))).toEqual([]);
  // Four kinds, and an upgrade from each earlier schema.
  expect(all).toHaveLength(4 + Object.keys(MIGRATIONS).length - 1);
});
