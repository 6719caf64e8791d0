import { keysOf } from "@/core/keysOf";
import { Select } from "@/ui/Select";
import { TRAYS, type PaletteFields } from "@/core/kit";
import { NumberInput } from "@/ui/NumberInput";

/** What a palette is called and how large it is, typed or as a usual one. */
export function PaletteSize({
  value,
  change,
}: {
  value: PaletteFields;
  change: (value: PaletteFields) => void;
}) {
  return (
    <>
      <label className="w-56">
        <span className="label-line">Name</span>
        <input
          type="text"
          className="input"
          value={value.name}
          onChange={(event) => change({ ...value, name: event.target.value })}
        />
      </label>
      <label>
        <span className="label-line">Width, mm</span>
        <NumberInput
          least={40}
          most={800}
          unit="mm"
          className="!w-24"
          value={value.width}
          onChange={(width) => change({ ...value, width })}
        />
      </label>
      <label>
        <span className="label-line">Height, mm</span>
        <NumberInput
          least={40}
          most={800}
          unit="mm"
          className="!w-24"
          value={value.height}
          onChange={(height) => change({ ...value, height })}
        />
      </label>
      <label>
        <span className="label-line">or a usual size</span>
        <Select
          className="!w-52"
          value={null}
          none="choose"
          options={keysOf(TRAYS)}
          labelOf={(key) => `${TRAYS[key].label}, ${TRAYS[key].width} × ${TRAYS[key].height} mm`}
          onChange={(key) =>
            change({ ...value, width: TRAYS[key].width, height: TRAYS[key].height })
          }
        />
      </label>
    </>
  );
}
