import { seededRandom } from "../random";
import { closingQueue, type ClosingBooth, type Offered } from "./closingQueue";

const MENU: readonly Offered[] = [
  { id: "leaf", minutes: 2 },
  { id: "stones", minutes: 3 },
  { id: "sun", minutes: 4 },
  { id: "fog", minutes: 9 },
];
const booth = (more: Partial<ClosingBooth> = {}): ClosingBooth => ({
  waiting: 7,
  minutesLeft: 60,
  artists: 1,
  turnover: 1.5,
  ...more,
});

/** Children painted one after another by whoever is free, each choosing at random; an account of its own, shared with nothing. */
function allPaintedBy(
  children: number,
  minutes: readonly number[],
  { artists, turnover }: ClosingBooth,
  random: () => number,
) {
  const free = Array.from({ length: artists }, () => 0);
  for (let child = 0; child < children; child++) {
    const next = free.indexOf(Math.min(...free));
    free[next] =
      (free[next] ?? 0) + turnover + (minutes[Math.floor(random() * minutes.length)] ?? 0);
  }
  return Math.max(...free);
}

describe("a booth that closes", () => {
  it("is by hand: one design of 3.5 min and 1.5 of turnover, an hour, twelve children", () => {
    const one = closingQueue([{ id: "leaf", minutes: 3.5 }], booth({ waiting: 7 }));
    expect(one).toMatchObject({
      fits: 12,
      more: 5,
      each: 5,
      offered: ["leaf"],
      lastAt: 35,
      closeAt: 55,
    });
    expect(closingQueue([{ id: "leaf", minutes: 3.5 }], booth({ artists: 2 })).fits).toBe(24);
  });

  it("offers all while there is time, the quick ones when it is short, and says when even they are too slow", () => {
    expect(closingQueue(MENU, booth({ minutesLeft: 120 })).offered).toHaveLength(4);
    const short = closingQueue(MENU, booth({ minutesLeft: 36 }));
    expect(short.offered).not.toContain("fog");
    expect(short.fits).toBeGreaterThanOrEqual(7);
    const late = closingQueue(MENU, booth({ minutesLeft: 12, waiting: 20 }));
    expect(late.offered).toEqual(["leaf"]);
    expect([late.fits, late.more, late.closeAt]).toEqual([3, 0, 0]);
  });

  it("changes what it offers when one design's minutes change", () => {
    const slower = MENU.map((one) => (one.id === "sun" ? { ...one, minutes: 8 } : one));
    const at = booth({ minutesLeft: 42, waiting: 8 });
    expect(closingQueue(MENU, at).offered).toContain("sun");
    expect(closingQueue(slower, at).offered).not.toContain("sun");
  });

  it("keeps its word nine times in ten, against a simulation (seeded, 12 booths of 400 days)", () => {
    const random = seededRandom(7);
    for (let i = 0; i < 12; i++) {
      const at = booth({
        minutesLeft: 30 + Math.floor(random() * 150),
        waiting: Math.floor(random() * 20),
        artists: 1 + Math.floor(random() * 3),
      });
      const { fits, offered } = closingQueue(MENU, at);
      const minutes = MENU.filter(({ id }) => offered.includes(id)).map((one) => one.minutes);
      const inTime = Array.from({ length: 400 }, () =>
        allPaintedBy(fits, minutes, at, random),
      ).filter((last) => last <= at.minutesLeft + 1e-9).length;
      expect(inTime / 400).toBeGreaterThanOrEqual(0.8);
      // And it promises not much too little: with five turns more for each they are rarely in time.
      const beyond = Array.from({ length: 200 }, () =>
        allPaintedBy(fits + 5 * at.artists, minutes, at, random),
      ).filter((last) => last <= at.minutesLeft).length;
      expect(beyond / 200).toBeLessThan(0.5);
    }
  });

  it("refuses what is no booth", () => {
    expect(() => closingQueue([], booth())).toThrow(RangeError);
    expect(() => closingQueue(MENU, booth({ artists: 0 }))).toThrow(RangeError);
  });
});
