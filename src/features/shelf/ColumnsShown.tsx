import type { Column } from "@tanstack/react-table";
import type { ShelfItem } from "@/server/shelf";

interface ColumnsShownProps {
  columns: readonly Column<ShelfItem>[];
  onHide: (id: string, isShown: boolean) => void;
}

/** Which columns of the shelf are shown. */
export function ColumnsShown({ columns, onHide }: ColumnsShownProps) {
  return (
    <details className="relative text-sm">
      <summary className="btn">Columns</summary>
      <div className="absolute z-10 mt-1 rounded-box border rule bg-base-100 p-3">
        {columns
          .filter((column) => column.getCanHide())
          .map((column) => (
            <label key={column.id} className="flex min-h-9 items-center gap-2 whitespace-nowrap">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={column.getIsVisible()}
                onChange={(event) => onHide(column.id, event.target.checked)}
              />
              {String(column.columnDef.header)}
            </label>
          ))}
      </div>
    </details>
  );
}
