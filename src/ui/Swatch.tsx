/** A colour on mid-grey, so that the chrome never changes how it reads. Its name stands beside it, not inside. */
export function Swatch({
  hex,
  size = 24,
  label,
}: {
  hex: string | null;
  size?: number;
  label?: string;
}) {
  return (
    <span
      className="inline-block shrink-0 rounded-sm bg-surround p-[3px] align-middle forced-color-adjust-none print:border"
      style={{ width: size, height: size, printColorAdjust: "exact" }}
      title={label ?? hex ?? "no colour"}
    >
      <span
        className="block h-full w-full rounded-[2px]"
        style={
          hex
            ? { background: hex, printColorAdjust: "exact" }
            : { background: "repeating-linear-gradient(135deg, #777 0 3px, #999 3px 6px)" }
        }
      />
    </span>
  );
}
