import { useWorking } from "@/parts/workspace/WorkspaceContext";

/** What this version is to do otherwise than the last, struck off as it is done. */
export function ToDo() {
  const { look, apply } = useWorking();
  if (!look.toDo.length) return null;
  return (
    <section aria-label="To change" className="border-b-2 border-base-content p-4 text-sm">
      <h2 className="text-lg">To change in this version</h2>
      <ul>{look.toDo.map((item, i) => <li key={item} className="flex min-h-9 items-center gap-2"><input type="checkbox" className="checkbox checkbox-sm" id={`todo-${i}`} checked={false} onChange={() => apply({ op: "toDo", items: look.toDo.toSpliced(i, 1) })} /><label htmlFor={`todo-${i}`}>{item}</label></li>)}</ul>
    </section>
  );
}
