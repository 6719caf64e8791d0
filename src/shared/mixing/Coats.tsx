import { useSay } from "@/shared/say/useSay";
import {
  coatsToCover,
  deltaE00,
  filmReflectance,
  glowOver,
  masstoneReflectance,
  type Lab,
  type LampKey,
  type PaintOptics,
  type Spectrum,
  masstoneLab,
  underLampOf,
} from "@/core/colour";
import { hexOf } from "@/core/look";

interface CoatsProps {
  optics: PaintOptics;
  ground: Spectrum;
  groundName: string;
  lamp: LampKey;
  /** What it gives off under ultraviolet; null or left out where it is not fluorescent. */
  emission?: Spectrum | null;
  target: Lab | null;
}

/** Films of what is thick. */
const THICK = 12;

/** A paint as it lies: one, two and three coats over a ground, and thick; in one light, on mid-grey. */
export function Coats({ optics, ground, groundName, lamp, emission = null, target }: CoatsProps) {
  const say = useSay();
  const seen = (reflectance: Spectrum, films: number): string =>
    hexOf(underLampOf(reflectance, glowOver(emission, optics, films, ground, null), lamp), lamp);
  const { coats, reached } = coatsToCover(optics, ground);
  const shown = [
    { label: groundName, hex: hexOf(ground, lamp) },
    ...[1, 2, 3].map((n) => ({
      label: n === 1 ? "1 coat" : `${n} coats`,
      hex: seen(filmReflectance(optics, n, ground), n),
    })),
    { label: "thick", hex: seen(masstoneReflectance(optics), THICK) },
  ];
  return (
    <figure aria-label={`Coats over ${groundName}`}>
      <div className="flex overflow-hidden rounded-box bg-surround p-2">
        {shown.map(({ label, hex }, i) => (
          <div key={label} className={`flex flex-1 flex-col ${i === 0 ? "mr-2" : ""}`}>
            <div
              className="h-24 forced-color-adjust-none"
              style={{ background: hex, printColorAdjust: "exact" }}
              data-coat={label}
              data-hex={hex}
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
              colour difference {say.number(deltaE00(masstoneLab(optics), target), 1)}
            </strong>{" "}
            from the colour wanted
          </>
        )}
      </figcaption>
    </figure>
  );
}
