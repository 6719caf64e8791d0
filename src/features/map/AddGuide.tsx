import { toast } from "sonner";
import { guide, guidesFor, layGuide, type GuideKey } from "@/core/look";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Dialog } from "@/ui/Dialog";

interface AddGuideProps {
  open: boolean;
  onClose: () => void;
  onAdded: (id: string) => void;
}

/** What makes a face read as something, laid on this face in one press; what the brief asks for stands first. */
export function AddGuide({ open, onClose, onAdded }: AddGuideProps) {
  const { look, context, apply } = useWorking();
  const lay = (key: GuideKey) => {
    const { patch, leftOut } = layGuide(key, look, context);
    onClose();
    const [first] = patch.op === "several" ? patch.patches : [];
    if (first?.op !== "addLayer" || !apply(patch)) {
      toast("None of this may be painted on this face.");
      return;
    }
    onAdded(first.layer.id);
    toast(
      `${guide(key).label} added. Each layer's note says why it is there`,
      leftOut.length ? { description: `Left out: ${leftOut.join(", ")}.` } : {},
    );
  };
  return (
    <Dialog open={open} title="What reads as…" onClose={onClose} wide>
      <ul className="grid grid-cols-1 gap-1.5 sm:grid-cols-2">
        {guidesFor(context.brief.character).map(({ key, asked }) => (
          <li key={key}>
            <button
              type="button"
              className="flex min-h-14 w-full flex-col justify-center rounded border rule px-3 py-1 text-left hover:bg-base-200"
              onClick={() => lay(key)}
            >
              <span className="font-semibold">
                {guide(key).label}
                {asked ? " (the brief asks for it)" : ""}
              </span>
              <span className="muted text-sm">
                {guide(key).does} · {guide(key).rule}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
