import type { Placed, Task } from "./task";

/** A stretch of one performer's work that one artist stays for: its tasks at their minutes from its beginning. */
export interface Sitting {
  readonly id: string;
  readonly parts: readonly Placed[];
  readonly minutes: number;
  /** Minutes after it before the next may begin. */
  readonly rest: number;
  readonly skills: readonly string[];
}

/** Work that is left for another performer lasts as long at least, or is all there is of one, min. Common practice, no published source. */
export const LEAST_RUN = 10;

const sum = (parts: readonly Placed[]) =>
  parts.reduce((total, { start, end, load = 0 }) => total + end - start + load, 0);

/**
 * One performer's chair cut where an artist could leave and come back: in a wait that is longer than both ways, with enough work on either side; and where
 * no artist there can do both what came before and what follows.
 * @param changing minutes it costs to change to another performer
 * @param canDo whether somebody there has all of some skills
 */
export function sittingsOf(
  placed: readonly Placed[],
  tasks: readonly Task[],
  changing: number,
  canDo: (skills: readonly string[]) => boolean,
): Sitting[] {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const runs: { parts: Placed[]; skills: Set<string> }[] = [];
  const ordered = [...placed].sort((a, b) => a.start - b.start);
  ordered.forEach((part, i) => {
    const open = runs.at(-1);
    const asked = byId.get(part.id)?.skills ?? [];
    const idle = open ? part.start - (part.load ?? 0) - (open.parts.at(-1)?.end ?? 0) : 0;
    const leaves =
      open !== undefined &&
      idle > 2 * changing &&
      sum(open.parts) >= LEAST_RUN &&
      sum(ordered.slice(i)) >= LEAST_RUN;
    const unable = open !== undefined && !canDo([...open.skills, ...asked]);
    if (!open || leaves || unable) runs.push({ parts: [part], skills: new Set(asked) });
    else {
      open.parts.push(part);
      for (const skill of asked) open.skills.add(skill);
    }
  });
  const from = (parts: readonly Placed[]) =>
    Math.min(...parts.map(({ start, load = 0 }) => start - load));
  const to = (parts: readonly Placed[]) => Math.max(...parts.map(({ end }) => end));
  return runs.map(({ parts, skills }, i) => {
    const begins = from(parts);
    const next = runs[i + 1];
    return {
      id: parts[0]?.id ?? "",
      parts: parts.map((part) => ({
        ...part,
        start: part.start - begins,
        end: part.end - begins,
      })),
      minutes: to(parts) - begins,
      rest: next ? Math.max(0, from(next.parts) - to(parts)) : 0,
      skills: [...skills],
    };
  });
}

/** Sittings as tasks of a call: one behind the other, each in one go. */
export const asTasks = (sittings: readonly Sitting[]): Task[] =>
  sittings.map(({ id, minutes, rest, skills }, i): Task => {
    const before = sittings[i - 1];
    return {
      id,
      zone: "performer",
      handsOn: minutes,
      wait: rest,
      after: before ? [before.id] : [],
      ...(skills.length && { skills }),
    };
  });
