import type { PlacedInCall } from "./scheduleCall";

/** Paint that is on so long before it is needed is painted later, min. Common practice, no published source. */
const TOO_EARLY = 60;

/**
 * A call with those moved back who would be ready long before they are needed: each as late as their own need, the hands, the chair and their next sitting
 * allow. What is not too early stays where it is.
 * @param o.latest the minute by which a performer's last stretch has to end; Infinity where nothing is said
 */
export function lateAsCanBe(
  placed: readonly PlacedInCall[],
  o: { readonly latest: (performer: string) => number; readonly changing: number },
): PlacedInCall[] {
  const endOf = (list: readonly PlacedInCall[], performer: string) =>
    Math.max(0, ...list.filter((entry) => entry.performer === performer).map(({ end }) => end));
  const early = new Set(
    placed
      .map(({ performer }) => performer)
      .filter(
        (id) => Number.isFinite(o.latest(id)) && o.latest(id) - endOf(placed, id) > TOO_EARLY,
      ),
  );
  const done: PlacedInCall[] = [];
  for (const entry of [...placed].sort((a, b) => b.end - a.end)) {
    const rest = (other: PlacedInCall) => {
      const was = placed.find(
        ({ performer, task }) => performer === other.performer && task === other.task,
      );
      return Math.max(0, (was?.start ?? 0) - entry.end);
    };
    const limits = done.flatMap((other) => {
      if (other.performer === entry.performer) return [other.start - rest(other)];
      const hand = other.artist === entry.artist ? [other.start - o.changing] : [];
      return other.chair === entry.chair ? [...hand, other.start] : hand;
    });
    const isLast = !done.some(({ performer }) => performer === entry.performer);
    const latest = Math.min(
      ...limits,
      isLast ? Math.max(entry.end, o.latest(entry.performer)) : Infinity,
    );
    const by = early.has(entry.performer) ? Math.max(0, latest - entry.end) : 0;
    const moved = Number.isFinite(by) ? Math.floor(by) : 0;
    done.push({ ...entry, start: entry.start + moved, end: entry.end + moved });
  }
  return done.sort((a, b) => a.start - b.start || a.end - b.end);
}
