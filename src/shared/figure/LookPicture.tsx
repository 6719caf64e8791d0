import type { LookCard } from "@/server/lookCards";
import { BUILD } from "@/ui/keptChairs";

interface LookPictureProps {
  card: Pick<LookCard, "look" | "job" | "personName" | "mark">;
  className: string;
}

/** A look on its person, as a picture that the studio draws once. */
export function LookPicture({ card, className }: LookPictureProps) {
  const { look, job, personName, mark } = card;
  const query = new URLSearchParams({ ...(job && { job: job.id }), mark, build: BUILD });
  return (
    <img
      src={`/api/looks/${look.id}/picture?${query.toString()}`}
      alt={`${look.design.name}, predicted on ${personName ?? "a stand-in"}`}
      loading="lazy"
      decoding="async"
      className={`object-contain ${className}`}
    />
  );
}
