import { useRouter } from "next/navigation";
import { toast } from "sonner";
import type { ShelfItem } from "@/server/shelf";
import { ask } from "@/shared/ask";

interface ChosenRowsProps {
  picked: readonly ShelfItem[];
  today: string;
  onDone: () => void;
}

/** What is done with several products at once, and back. */
export function ChosenRows({ picked, today, onDone }: ChosenRowsProps) {
  const router = useRouter();
  const each = async (
    act: (item: ShelfItem) => Promise<{ ok: boolean }>,
    list: readonly ShelfItem[],
  ) => (await Promise.all(list.map(act))).filter(({ ok }) => ok).length;
  const archive = (archived: boolean) => (item: ShelfItem) =>
    ask("PUT /api/products/[id]/archived", { id: item.id }, { archived });
  const putAway = async () => {
    const gone = picked;
    const count = await each(archive(true), gone);
    onDone();
    router.refresh();
    toast(`${count} archived`, {
      action: {
        label: "Undo",
        onClick: () => void each(archive(false), gone).then(() => router.refresh()),
      },
    });
  };
  const opened = async (on: string | null, list: readonly ShelfItem[]) =>
    each(
      async ({ id, version, left: _, expiry: __, ...fields }) =>
        ask("PUT /api/products/[id]", { id }, { version, fields: { ...fields, openedOn: on } }),
      list,
    );
  const openedToday = async () => {
    const before = picked;
    const count = await opened(today, before);
    onDone();
    router.refresh();
    // What is put back starts from the version that the change made.
    toast(`${count} opened today`, {
      action: {
        label: "Undo",
        onClick: () =>
          void Promise.all(
            before.map(({ openedOn, ...item }) =>
              opened(openedOn, [{ ...item, openedOn, version: item.version + 1 }]),
            ),
          ).then(() => router.refresh()),
      },
    });
  };
  return (
    <>
      <strong>{picked.length} chosen:</strong>
      <button type="button" className="btn btn-sm" onClick={() => void openedToday()}>
        Opened today
      </button>
      <button type="button" className="btn btn-sm" onClick={() => void putAway()}>
        Archive
      </button>
    </>
  );
}
