import type { SafetyNote } from "@/core/look";

/** What one has to know of this person before anything else; what is still to be done stands out. */
export function SafetyStrip({
  notes,
  className = "",
}: {
  notes: readonly SafetyNote[];
  className?: string;
}) {
  return (
    <ul
      aria-label="Before you begin"
      className={`flex flex-col gap-1 border-2 border-base-content px-3 py-2 ${className}`}
    >
      {notes.map(({ kind, isOpen, text }) => (
        <li key={kind} className={isOpen || kind === "allergies" ? "font-semibold" : ""}>
          {isOpen && <span aria-hidden>! </span>}
          {text}
        </li>
      ))}
    </ul>
  );
}
