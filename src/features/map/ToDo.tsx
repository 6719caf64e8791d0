import { useWorking } from "@/shared/workspace/WorkspaceContext";

/** What this version is to do otherwise than the last, struck off as it is done. */
export function ToDo() {
  const { look, apply } = useWorking();
  if (!look.toDo.length) return null;
  return (
    <section aria-label="To change" className="border-t rule p-4 text-sm">
      <h2 className="text-lg">To change in this version</h2>
      <ul>
        {look.toDo.map((item, i) => (
          <li key={item} className="flex items-center justify-between gap-3 py-1">
            <span>{item}</span>
            <button
              type="button"
              className="btn btn-sm"
              aria-label={`Done: ${item}`}
              onClick={() => apply({ op: "toDo", items: look.toDo.toSpliced(i, 1) })}
            >
              Done
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
