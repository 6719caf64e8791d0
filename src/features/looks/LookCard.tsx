import type { Say } from "@/core/text/say";
import { minutesWords, plural } from "@/core/text/words";
import { Link } from "@/ui/Link";
import type { LookCard as Card } from "@/server/lookCards";
import { LookPicture } from "@/shared/figure/LookPicture";
import { TurnLook } from "./TurnLook";

/** A look as its plan draws it. */
export function LookCard({ card, say }: { card: Card; say: Say }) {
  const { look, job, personName, plan } = card;
  const open = plan.findings.filter((finding) => finding.severity !== "tip").length;
  return (
    <div className="card-plain relative flex flex-col overflow-hidden hover:border-base-content">
      <Link href={`/looks/${look.id}`} className="group flex flex-1 flex-col">
        <span className="block bg-surround">
          <LookPicture card={card} className="h-64 w-full" />
        </span>
        <span className="flex flex-1 flex-col gap-0.5 p-4">
          <span className="font-display text-xl font-bold group-hover:underline">
            {look.design.name}
          </span>
          <span className="muted text-sm">
            on {personName ?? "a stand-in"}
            {job?.brief.place ? ` · ${job.brief.place}` : ""}
          </span>
          {look.design.tags.length > 0 && (
            <span className="muted text-sm">{look.design.tags.join(" · ")}</span>
          )}
          <span className="mt-2 text-sm">
            {look.design.layers.length ? (
              <>
                <strong>{minutesWords(plan.chairMinutes)}</strong> at the chair ·{" "}
                {look.design.layers.length} layers
              </>
            ) : (
              "nothing painted yet"
            )}
          </span>
          <span className="text-sm">
            {plan.times ? (
              <>
                {say.day(plan.times.curtainAt)}, start{" "}
                <strong>{say.clock(plan.times.startAt)}</strong>
              </>
            ) : (
              "no date yet"
            )}
          </span>
          <span className="text-sm">
            {plan.stopped ? (
              <strong>Stopped by a safety rule</strong>
            ) : open ? (
              `${open} ${plural(open, "caution")}`
            ) : (
              "no cautions"
            )}
          </span>
        </span>
      </Link>
      <TurnLook lookId={look.id} jobId={job?.id ?? null} name={look.design.name} />
    </div>
  );
}
