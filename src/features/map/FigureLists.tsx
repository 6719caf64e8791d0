import { causeWords, type TouchUp } from "@/core/advice";
import { zoneWords, type SeenEdge } from "@/core/look";
import { minutesWords } from "@/core/text/words";

/** What by the forecast has needed a touch-up by then, and why. */
export function DueList({ due, after }: { due: readonly TouchUp[]; after: number }) {
  if (after === 0) return null;
  return (
    <ol
      aria-label="Touch-ups by then"
      className="flex max-h-20 flex-wrap gap-x-4 gap-y-1 overflow-auto bg-[#f4f4f3] px-3 py-1.5 text-sm"
    >
      <li className="list-none font-bold">
        {due.length
          ? "Will need touching up by then:"
          : "By forecast nothing needs touching up yet."}
      </li>
      {due.map((walk) => (
        <li key={walk.atHours} className="list-none">
          <strong>{minutesWords(walk.atHours * 60)}</strong> {zoneWords(walk.zones)},{" "}
          {causeWords(walk)}
        </li>
      ))}
    </ol>
  );
}

/** What the seat loses, numbered as on the figure. */
export function LostList({ edges, seenFrom }: { edges: readonly SeenEdge[]; seenFrom: string }) {
  if (!edges.length) return null;
  return (
    <ol
      aria-label={`Lost from ${seenFrom}`}
      className="flex max-h-24 flex-wrap gap-x-4 gap-y-1 overflow-auto bg-[#f4f4f3] px-3 py-1.5 text-sm"
    >
      <li className="list-none font-bold">Lost from {seenFrom}:</li>
      {edges.map((edge, i) => (
        <li key={edge.key} className="flex list-none items-center gap-1.5">
          <span
            aria-hidden
            className="flex size-5 rotate-45 items-center justify-center border border-[#111] text-xs font-bold"
          >
            <span className="-rotate-45">{i + 1}</span>
          </span>
          {edge.a.name} against {edge.b.name}
        </li>
      ))}
    </ol>
  );
}
