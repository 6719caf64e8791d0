import {
  coatsToCover,
  deltaE00,
  filmReflectance,
  labFromReflectance,
  labToHex,
  masstoneReflectance,
  type Lab,
  type LampKey,
  type PaintOptics,
  type Spectrum,
  masstoneLab,
} from "@/core/colour";

interface CoatsProps {
  optics: PaintOptics;
  ground: Spectrum;
  groundName: string;
  lamp: LampKey;
  target: Lab | null;
}

/** A paint as it lies: one, two and three coats over a ground, and thick; in one light, on mid-grey. */
export function Coats({ optics, ground, groundName, lamp, target }: CoatsProps) {
  const seen = (r: Spectrum): Lab => labFromReflectance(r, lamp);
  const { coats, reached } = coatsToCover(optics, ground);
  const shown = [
    { label: groundName, lab: seen(ground) },
    ...[1, 2, 3].map((n) => ({
      label: n === 1 ? "1 coat" : `${n} coats`,
      lab: seen(filmReflectance(optics, n, ground)),
    })),
    { label: "thick", lab: seen(masstoneReflectance(optics)) },
  ];
  return (
    <figure aria-label={`Coats over ${groundName}`}>
      <div className="flex overflow-hidden rounded-box bg-surround p-2">
        {shown.map(({ label, lab }, i) => (
          <div key={label} className={`flex flex-1 flex-col ${i === 0 ? "mr-2" : ""}`}>
            <div
              className="h-24"
              style={{ background: labToHex(lab), printColorAdjust: "exact" }}
              data-coat={label}
              data-hex={labToHex(lab)}
            />
            <span className="bg-base-100 px-1 py-1 text-center text-xs text-base-content">
              {label}
            </span>
          </div>
        ))}
      </div>
      <figcaption className="mt-1 text-sm">
        <strong>
          {reached
            ? `${coats} ${coats === 1 ? "coat covers" : "coats cover"}`
            : "Does not cover in 8 coats"}
        </strong>{" "}
        {groundName}
        {target && (
          <>
            {" "}
            · thick it is{" "}
            <strong>
              colour difference {deltaE00(masstoneLab(optics), target).toFixed(1)}
            </strong>{" "}
            from the colour wanted
          </>
        )}
      </figcaption>
    </figure>
  );
}
