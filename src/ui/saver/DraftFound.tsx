/** Offers what this browser kept and the studio never took. */
export function DraftFound({
  onRestore,
  onDiscard,
}: {
  onRestore: () => void;
  onDiscard: () => void;
}) {
  return (
    <div
      role="status"
      className="no-print flex flex-wrap items-center gap-3 border-b-2 border-base-content bg-base-200 px-4 py-2"
    >
      <p className="flex-1">
        <strong>Unsaved changes found on this device.</strong>
      </p>
      <button type="button" className="btn btn-sm btn-primary" onClick={onRestore}>
        Restore
      </button>
      <button type="button" className="btn btn-sm" onClick={onDiscard}>
        Discard
      </button>
    </div>
  );
}
