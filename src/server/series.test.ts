import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { addDays } from "@/core/days";
import { listTags } from "@/store";
import { loadDemoWhenEmpty } from "./demo";
import { lookCards } from "./lookCards";
import { saveDesign } from "./looks";
import { addSeries } from "./series";
import { studio, today } from "./studio";
import { statusOf } from "./testing";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-series-"));
beforeAll(async () => {
  await loadDemoWhenEmpty();
});

describe("looks by their tags", () => {
  it("are counted and chosen, whatever the capitals, and a changed design changes them", async () => {
    const leads = (await listTags(await studio())).find(({ tag }) => tag === "leads");
    const shown = await lookCards({ tag: "LEADS" });
    expect(shown.tag).toBe("leads");
    expect(shown.count).toBe(leads?.looks);
    const [first] = shown.cards;
    if (!first) throw new Error("the demo has leads");
    const { id, version, design } = first.look;
    await saveDesign(id, { version, design: { ...design, tags: ["retired"] } });
    expect((await lookCards({ tag: "leads" })).count).toBe(shown.count - 1);
    expect((await lookCards({ tag: "retired" })).cards.map(({ look }) => look.id)).toEqual([id]);
  });
  it("are none for a tag that no look has, and chosen by their jobs", async () => {
    const all = await lookCards();
    expect(await lookCards({ tag: "nobody's" })).toMatchObject({ count: 0, tag: "nobody's" });
    expect((await lookCards({ tag: " " })).count).toBe(all.count);
    const [ahead, none] = [await lookCards({ when: "ahead" }), await lookCards({ when: "none" })];
    expect(ahead.cards.every(({ job }) => job?.brief.curtainAt)).toBe(true);
    expect(none.cards.every(({ job }) => job === null)).toBe(true);
    expect(ahead.count + none.count).toBeLessThanOrEqual(all.count);
  });
});

describe("a series", () => {
  it("is a job a day with its rest days, each once, with what is asked on the day asked anew", async () => {
    const { cards, people } = await lookCards({ tag: "chorus" });
    const lookIds = cards.map(({ look }) => look.id);
    const personId = people[0]?.id ?? "";
    const from = addDays(today(), 40);
    const days = lookIds.map((lookId, i) => ({
      lookId,
      curtainAt: `${addDays(from, i)}T19:30:00+00:00`,
    }));
    expect(await addSeries({ personId, days })).toEqual({ added: lookIds.length });
    expect(await addSeries({ personId, days })).toEqual({ added: 0 });
    const { cards: after } = await lookCards({ tag: "chorus" });
    for (const { job } of after) expect(job?.brief.healthAsked ?? false).toBe(false);
  });
  it("is refused on a day that has been, for nobody, and for a look that is not there", async () => {
    const { cards, people } = await lookCards();
    const personId = people[0]?.id ?? "";
    const day = {
      lookId: cards[0]?.look.id ?? "",
      curtainAt: `${addDays(today(), 3)}T19:30:00Z`,
    };
    const refused = (days: (typeof day)[], who = personId) =>
      statusOf(addSeries({ personId: who, days }));
    expect(await refused([day, { ...day, curtainAt: "2020-01-01T19:30:00Z" }])).toBe(400);
    expect(await refused([day], "nobody")).toBe(404);
    expect(await refused([{ ...day, lookId: "nothing" }])).toBe(404);
  });
});
