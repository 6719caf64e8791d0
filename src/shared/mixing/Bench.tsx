"use client";

import { useSay } from "@/shared/say/useSay";
import { HowWorkedOut } from "@/ui/HowWorkedOut";
import { Alert } from "@/ui/Alert";
import { keysOf } from "@/core/keysOf";
import { Select } from "@/ui/Select";
import { plural } from "@/core/text/words";
import { Plus } from "lucide-react";
import { type ComponentProps, useMemo, useState, type ReactNode } from "react";
import {
  gradient,
  hexToLab,
  labToHex,
  LAMP_KEYS,
  LAMPS,
  proposeTones,
  reflectanceFromLab,
  type LampKey,
  type MixRecipe,
} from "@/core/colour";
import {
  emissionOfRecipe,
  isPaintType,
  material,
  mediumOf,
  mixingOptics,
  productOptics,
  recipeOptics,
  type Medium,
  type Product,
  isProp,
} from "@/core/paint";
import { Waiting } from "@/shared/workers/Waiting";
import { Field } from "@/ui/Field";
import { Swatch } from "@/ui/Swatch";
import { Coats } from "./Coats";
import { PanRows } from "./PanRows";
import { ShelfSwatches } from "./ShelfSwatches";
import { TargetPicker } from "./TargetPicker";
import { useMixSearch } from "./useMixSearch";
import { differenceWords, recipeWords } from "./words";

export interface BenchPart {
  readonly productId: string;
  readonly parts: number;
}
export interface Ground {
  readonly key: string;
  readonly label: string;
  readonly hex: string;
}

interface BenchProps {
  products: readonly Product[];
  grounds: readonly Ground[];
  start: readonly BenchPart[];
  target: string | null;
  /** What is done with what lies in the pan: save it, put it on a layer. */
  actions: (parts: readonly BenchPart[], target: string | null) => ReactNode;
}

const MOST_PAINTS = 5;

const FILMS = { dry: "dry", wet: "still wet" } as const;

/** Paint to mix by hand or by search, seen thick and in coats over any ground, in any light, wet and dry. */
export function Bench({ products, grounds, start, target: firstTarget, actions }: BenchProps) {
  const [pan, setPan] = useState<readonly BenchPart[]>(start);
  const [target, setTarget] = useState<string | null>(firstTarget);
  const [groundKey, setGroundKey] = useState(grounds[0]?.key ?? "own");
  const [ownGround, setOwnGround] = useState("#7a7a79");
  const [lamp, setLamp] = useState<LampKey>("D65");
  const [film, setFilm] = useState<"dry" | "wet">("dry");
  const byId = useMemo(() => new Map(products.map((product) => [product.id, product])), [products]);
  const paints = useMemo(
    () =>
      products.filter(
        (product) => product.colour && mediumOf(product.material) !== null && !isProp(product),
      ),
    [products],
  );
  const inPan = pan.flatMap(({ productId, parts }) => {
    const product = byId.get(productId);
    return product ? [{ product, parts }] : [];
  });
  const optics =
    inPan.length === 1 && inPan[0]
      ? productOptics(inPan[0].product, film)
      : inPan.length
        ? recipeOptics(inPan, film)
        : null;
  const ground = grounds.find(({ key }) => key === groundKey) ?? {
    key: "own",
    label: "this ground",
    hex: ownGround,
  };
  const groundReflectance = useMemo(() => reflectanceFromLab(hexToLab(ground.hex)), [ground.hex]);
  const targetLab = useMemo(() => (target ? hexToLab(target) : null), [target]);
  const media = new Set(inPan.map(({ product }) => mediumOf(product.material)));
  const set = (productId: string, parts: number) =>
    setPan(pan.map((part) => (part.productId === productId ? { productId, parts } : part)));
  const add = (productId: string) => {
    if (productId && !pan.some((part) => part.productId === productId) && pan.length < MOST_PAINTS)
      setPan([...pan, { productId, parts: 1 }]);
  };
  const take = (recipe: MixRecipe["parts"]) =>
    setPan(recipe.map(({ id, parts }) => ({ productId: id, parts })));
  return (
    <div className="grid items-start gap-5 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
      <section aria-label="Pan" className="flex flex-col gap-3">
        <h3 className="text-lg">In the pan</h3>
        {pan.length === 0 && (
          <p className="muted text-sm">Add a paint, or match a colour and use its recipe.</p>
        )}
        {pan.length === 0 && paints.length > 0 && <ShelfSwatches paints={paints} onAdd={add} />}
        <PanRows
          inPan={inPan}
          isWet={film === "wet"}
          onParts={set}
          onOut={(id) => setPan(pan.filter((part) => part.productId !== id))}
        />
        {pan.length < MOST_PAINTS && (
          <label className="flex items-center gap-2">
            <Plus size={18} aria-hidden />
            <span className="sr-only">Add a paint</span>
            <select className="select" value="" onChange={(event) => add(event.target.value)}>
              <option value="">Add a paint from the shelf</option>
              <ProductOptions
                products={paints.filter(({ id }) => !pan.some((part) => part.productId === id))}
              />
            </select>
          </label>
        )}
        {media.size > 1 && (
          <Alert>
            These are bound in different media ({[...media].join(" and ")}): they curdle or slip
            rather than mix.
          </Alert>
        )}
        <div className="grid gap-3 sm:grid-cols-3">
          <Field label="Over">
            <select
              className="select"
              value={groundKey}
              onChange={(event) => setGroundKey(event.target.value)}
            >
              {grounds.map(({ key, label }) => (
                <option key={key} value={key}>
                  {label}
                </option>
              ))}
              <option value="own">a ground of my own</option>
            </select>
          </Field>
          <Field label="Light">
            <Select
              value={lamp}
              options={LAMP_KEYS}
              labelOf={(key) => LAMPS[key].label}
              onChange={setLamp}
            />
          </Field>
          <Field label="Film">
            <Select
              value={film}
              options={keysOf(FILMS)}
              labelOf={(state) => FILMS[state]}
              onChange={setFilm}
            />
          </Field>
        </div>
        {groundKey === "own" && (
          <label className="flex items-center gap-2 text-sm">
            Ground
            <input
              type="color"
              aria-label="Ground of my own"
              value={ownGround}
              onChange={(event) => setOwnGround(event.target.value)}
              className="h-9 w-14 cursor-pointer"
            />
          </label>
        )}
        {optics && (
          <Coats
            optics={optics}
            ground={groundReflectance}
            groundName={ground.label}
            lamp={lamp}
            emission={emissionOfRecipe(inPan)}
            target={targetLab}
          />
        )}
        {optics && <div className="flex flex-wrap gap-2">{actions(pan, target)}</div>}
        {optics && <More pan={inPan} paints={paints} byId={byId} onTake={setPan} />}
      </section>
      <Find
        products={paints}
        byId={byId}
        target={target}
        onTarget={setTarget}
        onTake={take}
        lead={inPan[0]?.product ?? null}
      />
    </div>
  );
}

function ProductOptions({ products }: { products: readonly Product[] }) {
  const kinds = [...new Set(products.map((product) => product.material))];
  return kinds.map((kind) => (
    <optgroup key={kind} label={material(kind).label}>
      {products
        .filter((product) => product.material === kind)
        .map((product) => (
          <option key={product.id} value={product.id}>
            {product.name}
          </option>
        ))}
    </optgroup>
  ));
}

const MEDIA: Readonly<Record<Medium, string>> = {
  water: "water colours",
  oil: "creams",
  alcohol: "alcohol colours",
  acrylic: "adhesive acrylics",
  latex: "latex",
  powder: "powders",
  resin: "lip, tooth and hair colours",
};

interface FindProps {
  products: readonly Product[];
  byId: ReadonlyMap<string, Product>;
  target: string | null;
  onTarget: (hex: string | null) => void;
  onTake: (parts: MixRecipe["parts"]) => void;
  lead: Product | null;
}

/** "Find me this colour": ranked recipes, the first at once. */
function Find({ products, byId, target, onTarget, onTake, lead }: FindProps) {
  const say = useSay();
  const search = useMixSearch();
  const media = [...new Set(products.flatMap((product) => mediumOf(product.material) ?? []))];
  const [medium, setMedium] = useState<Medium>(
    (lead && mediumOf(lead.material)) ?? media[0] ?? "water",
  );
  const [maxPaints, setMaxPaints] = useState(3);
  const fit = products.filter((product) => mediumOf(product.material) === medium);
  const held = products
    .slice(0, 0)
    .concat(lead ? [lead] : products.slice(0, 1))
    .flatMap((product) =>
      product.colour ? [{ label: `a swatch of ${product.name}`, hex: product.colour }] : [],
    );
  const begin = () => {
    if (target)
      search.start({ target: hexToLab(target), products: fit, maxPaints, maxParts: 8, top: 6 });
  };
  return (
    <section aria-label="Find a colour" className="card-plain flex flex-col gap-3 p-4">
      <h3 className="text-lg">Find me this colour</h3>
      <TargetPicker value={target} onChange={onTarget} held={held} />
      <div className="grid grid-cols-2 gap-3 text-sm">
        <Field label="From">
          <Select
            value={medium}
            options={media}
            labelOf={(key) => MEDIA[key]}
            onChange={setMedium}
          />
        </Field>
        <Field label="At most">
          <Select
            value={maxPaints}
            options={[1, 2, 3, 4]}
            labelOf={(n) => `${n} ${plural(n, "paint")}`}
            onChange={setMaxPaints}
          />
        </Field>
      </div>
      <div className="flex items-center gap-3">
        <button
          type="button"
          className="btn btn-primary"
          disabled={!target || !fit.length}
          onClick={begin}
        >
          Find recipes
        </button>
        {search.state === "searching" && (
          <button type="button" className="btn" onClick={search.stop}>
            Stop
          </button>
        )}
        <p role="status" className="text-sm">
          {search.state === "searching"
            ? `${Math.round(search.share * 100)} % of all mixes seen`
            : search.state === "stopped"
              ? "Stopped: the best so far"
              : search.state === "done"
                ? `All mixes of ${fit.length} paints seen`
                : target
                  ? ""
                  : "Type, pick or read a colour first."}
        </p>
      </div>
      {search.state === "failed" && (
        <Waiting answer={search.answer} doing="Searching" what="the mixes" />
      )}
      {search.recipes.length > 0 && (
        <ol aria-label="Recipes, nearest first" className="flex flex-col">
          {search.recipes.map((recipe) => (
            <li
              key={recipe.parts.map(({ id, parts }) => `${id}${parts}`).join()}
              className="flex items-center gap-3 border-t rule py-2"
            >
              <Swatch hex={labToHex(recipe.lab)} size={34} />
              <span className="min-w-0 flex-1 text-sm">
                <span className="block font-semibold">{recipeWords(recipe.parts, byId)}</span>
                <span className="muted">{differenceWords(recipe.deltaE, say)}</span>
              </span>
              <button type="button" className="btn btn-sm" onClick={() => onTake(recipe.parts)}>
                Into the pan
              </button>
            </li>
          ))}
        </ol>
      )}
      <HowWorkedOut>
        Kubelka and Munk, two constants, by each paint&apos;s colour, opacity and tinting strength;
        every mix of up to 8 parts is accounted for. Colour difference is CIEDE2000, dry and thick,
        by daylight.
      </HowWorkedOut>
    </section>
  );
}

/** Tones that model this colour (COLOUR-2), and the way to another paint in even steps (COLOUR-4). */
function More(given: ComponentProps<typeof Tones>) {
  const [open, setOpen] = useState(false);
  return (
    <details
      className="rounded border rule p-3 text-sm"
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="cursor-pointer font-semibold">
        Shadow, highlight and gradient of it
      </summary>
      {open && <Tones {...given} />}
    </details>
  );
}

/** Shadows, highlights and steps to another paint, worked out while they are looked at. */
function Tones({
  pan,
  paints,
  byId,
  onTake,
}: {
  pan: readonly { product: Product; parts: number }[];
  paints: readonly Product[];
  byId: ReadonlyMap<string, Product>;
  onTake: (parts: BenchPart[]) => void;
}) {
  const [to, setTo] = useState("");
  const medium = pan[0] ? mediumOf(pan[0].product.material) : null;
  const family = paints.filter(
    (product) => mediumOf(product.material) === medium && isPaintType(product.material),
  );
  const base = useMemo(() => (pan.length ? recipeOptics(pan) : null), [pan]);
  const tones = useMemo(
    () =>
      base
        ? proposeTones(
            base,
            family.flatMap((product) => {
              const optics = mixingOptics(product);
              return optics ? [{ id: product.id, optics }] : [];
            }),
          )
        : null,
    [base, family],
  );
  const other = byId.get(to);
  const otherOptics = other && mixingOptics(other);
  const steps = base && otherOptics ? gradient(base, otherOptics, { steps: 5 }).steps : [];
  const baseWords = pan.length === 1 ? (pan[0]?.product.name ?? "") : "this mix";
  /** The pan's parts and the additions', brought to whole parts of one recipe. */
  const together = (mine: number, added: readonly { id: string; parts: number }[]) => {
    const whole = pan.reduce((sum, { parts }) => sum + parts, 0);
    const list = [
      ...pan.map(({ product, parts }) => ({ productId: product.id, parts: parts * mine })),
      ...added.map(({ id, parts }) => ({ productId: id, parts: parts * whole })),
    ];
    const merged = [...new Set(list.map(({ productId }) => productId))].map((productId) => ({
      productId,
      parts: list
        .filter((part) => part.productId === productId)
        .reduce((sum, part) => sum + part.parts, 0),
    }));
    const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));
    const common = merged.reduce((sum, { parts }) => divisor(sum, parts), 0) || 1;
    return merged.map(({ productId, parts }) => ({
      productId,
      parts: Math.max(1, Math.round(parts / common)),
    }));
  };
  const fits = (parts: readonly BenchPart[]) =>
    parts.length <= MOST_PAINTS && parts.every(({ parts: n }) => n <= 20);
  return (
    <>
      <div className="mt-3 grid gap-4 sm:grid-cols-2">
        {tones &&
          (["shade", "highlight"] as const).map((kind) => (
            <div key={kind}>
              <h4 className="font-semibold first-letter:uppercase">
                {kind === "shade" ? "shadow" : kind}
              </h4>
              <ul>
                {tones[kind].map((tone) => {
                  const parts = together(tone.base, tone.with);
                  return (
                    <li
                      key={tone.with.map(({ id, parts: n }) => `${id}${n}`).join()}
                      className="flex items-center gap-2 border-t rule py-1.5"
                    >
                      <Swatch hex={labToHex(tone.lab)} size={30} />
                      <span className="flex-1">
                        {tone.base} {plural(tone.base, "part")} {baseWords} :{" "}
                        {tone.with
                          .map(({ id, parts: n }) => `${n} ${byId.get(id)?.name ?? ""}`)
                          .join(" : ")}
                        <span className="muted block text-xs">{tone.reason}</span>
                      </span>
                      {fits(parts) && (
                        <button type="button" className="btn btn-sm" onClick={() => onTake(parts)}>
                          Take
                        </button>
                      )}
                    </li>
                  );
                })}
              </ul>
            </div>
          ))}
      </div>
      <label className="mt-3 block">
        <span className="label-line">Gradient to</span>
        <select className="select" value={to} onChange={(event) => setTo(event.target.value)}>
          <option value="">choose a paint</option>
          <ProductOptions products={family} />
        </select>
      </label>
      {steps.length > 0 && (
        <ol aria-label="Gradient" className="mt-2 grid grid-cols-5 gap-1">
          {steps.map((step, i) => (
            <li key={i} className="text-center text-xs">
              <Swatch hex={labToHex(step.lab)} size={48} />
              <span className="block">
                {step.parts[0]} : {step.parts[1]}
              </span>
            </li>
          ))}
        </ol>
      )}
      {steps.length > 0 && (
        <p className="muted mt-1 text-xs">
          Parts of {baseWords} to {other?.name}; the steps look equally far apart. Blend neighbours
          with a clean brush (COLOUR-4).
        </p>
      )}
    </>
  );
}
