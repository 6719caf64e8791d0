import { Plus } from "lucide-react";
import { Link } from "@/ui/Link";
import { WEARS, type Wears } from "@/core/brief";
import { materialOf } from "@/core/look";
import { isPiece } from "@/core/paint";
import { PIECE_KIND_KEYS, PIECE_KINDS, type PieceKind } from "@/core/piece";
import { useWorking } from "@/shared/workspace/WorkspaceContext";

const isPieceKind = (wears: Wears): wears is Wears & PieceKind =>
  PIECE_KIND_KEYS.some((kind) => kind === wears);

/** What the brief says is worn and the look does not have yet, with the way there. */
export function AskedInBrief({ onAdd }: { onAdd: (kind: PieceKind) => void }) {
  const { look, context, given, jobId } = useWorking();
  const glued = look.layers.some((layer) => {
    const key = materialOf(layer, context.products);
    return key !== null && isPiece(key);
  });
  const open = context.brief.wears.filter((wears) =>
    isPieceKind(wears) ? !look.pieces.some(({ kind }) => kind === wears) : !glued,
  );
  if (!open.length) return null;
  return (
    <p className="mt-3 flex flex-wrap items-center gap-2 text-sm">
      The brief says they wear:
      {open.map((wears) =>
        isPieceKind(wears) ? (
          <button key={wears} type="button" className="btn btn-sm" onClick={() => onAdd(wears)}>
            <Plus size={15} aria-hidden />
            {PIECE_KINDS[wears].label}
          </button>
        ) : (
          <Link key={wears} className="btn btn-sm" href={`/looks/${given.look.id}/${jobId}/map`}>
            {WEARS[wears]}: add it on the Map
          </Link>
        ),
      )}
    </p>
  );
}
