import { useMemo } from "react";
import { drill, hardParts } from "@/core/practice";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Link } from "@/ui/Link";

/** So many are named: the rest is easier. */
const NAMED = 4;
/** From here on a part is worth a sheet of practice. By judgement. */
const WORTH = 35;

const words = (difficulty: number): string =>
  difficulty >= 60 ? "hard" : difficulty >= WORTH ? "takes practice" : "easy";

/** The look by its parts, the hardest first, each with the drill that trains it (PRACTICE-1). */
export function HardestParts() {
  const { look, given } = useWorking();
  const { painter } = given.settings.fields;
  const parts = useMemo(() => hardParts(look, painter), [look, painter]);
  if (!parts.length) return null;
  return (
    <section aria-label="Hardest parts" className="card-plain p-4 sm:p-5">
      <h3 className="text-lg">Hardest parts</h3>
      <ul className="mt-1 text-sm">
        {parts.slice(0, NAMED).map(({ layer, what, difficulty, drill: key, simpler }) => (
          <li
            key={layer + what}
            className="flex flex-wrap justify-between gap-x-3 border-t rule py-1.5 first:border-0"
          >
            <span>
              <strong>{layer}</strong>: {what}
            </span>
            <span>
              {words(difficulty)}
              {simpler && ` · simpler: ${simpler}`}
              {difficulty >= WORTH && (
                <>
                  {" · "}
                  <Link className="link" href={`/records/practice#${key}`}>
                    practise {drill(key).label.toLowerCase()}
                  </Link>
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
      <p className="muted mt-2 text-xs">
        By shape and line width, for your steadiness and eyesight in Settings.
      </p>
    </section>
  );
}
