import { keysOf } from "@/core/keysOf";
import { addDays, dayOf } from "@/core/days";
import "server-only";
import { z } from "zod";
import { MeterNotReady, type MeterReading, type MeterState } from "@/core/colour";
import type { HourOfWeather } from "@/core/climate";
import { HexSchema } from "@/core/paint";
import { simulatedMeter, SKIN_PLACES, type SimulatedMeter } from "@/simulated/colourMeter";
import { simulatedWeather } from "@/simulated/weather";
import { simulatedScale } from "@/simulated/kitchenScale";
import { notFound, Problem } from "./problem";
import { productWithLedger } from "./shelf";

/** What is asked of the colour meter. `under` says what lies under the stand-in's window; a real meter would know. */
export const MeterRequestSchema = z.discriminatedUnion("ask", [
  z.object({ ask: z.literal("state") }).strict(),
  z.object({ ask: z.literal("tile") }).strict(),
  z
    .object({
      ask: z.literal("read"),
      under: z
        .object({
          hex: HexSchema,
          place: z.enum(keysOf(SKIN_PLACES)).optional(),
        })
        .strict(),
    })
    .strict(),
]);

const HOLD = Symbol.for("dermagraph.colourMeter");
type Holder = typeof globalThis & { [HOLD]?: SimulatedMeter };

function meter(): SimulatedMeter {
  const holder = globalThis as Holder;
  holder[HOLD] ??= simulatedMeter({ now: Date.now, random: Math.random });
  return holder[HOLD];
}

/** @throws Problem 409 while it wants its white tile */
export async function askMeter(
  request: z.output<typeof MeterRequestSchema>,
): Promise<{ state: MeterState; reading: MeterReading | null }> {
  const device = meter();
  if (request.ask === "tile") device.calibrate();
  if (request.ask !== "read") return { state: device.state(), reading: null };
  device.hold(request.under.hex, request.under.place);
  try {
    const reading = device.read();
    return { state: device.state(), reading };
  } catch (error) {
    if (error instanceof MeterNotReady)
      throw new Problem({
        type: "urn:dermagraph:problem:device",
        title: error.message,
        status: 409,
      });
    throw error;
  }
}

/** What is asked of the scale. `under` is what the stand-in weighs: a pot by what the ledger says is in it; a real scale would know. */
export const ScaleRequestSchema = z.object({ productId: z.string().min(1).max(64) }).strict();

/** How far a pot is from what the ledger says, one way or the other, as pots are. Invented. */
const POT_OFF = 0.06;

/** Weighs what is in a pot, the empty pot taken off. @throws Problem */
export async function askScale({
  productId,
}: z.output<typeof ScaleRequestSchema>): Promise<{ scale: string; grams: number }> {
  const found = await productWithLedger(productId);
  if (!found) throw notFound("product");
  let clock = 0;
  const scale = simulatedScale({ now: () => clock, random: Math.random });
  scale.tare();
  // The same pot is off by the same: it is the pot, not the scale.
  const off =
    (Array.from(productId).reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 1000, 7) /
      1000 -
      0.5) *
    2 *
    POT_OFF;
  scale.put(Math.min(5000, Math.max(0, found.item.left * (1 + off))));
  clock += 1000;
  return { scale: "simulated kitchen scale", grams: Math.round(scale.read() * 10) / 10 };
}

export const ForecastRequestSchema = z
  .object({
    place: z.string().trim().min(1, "which place?").max(120),
    at: z.iso.datetime({ offset: true, error: "a date and a time" }),
  })
  .strict();

/** The day's hours at a place, on the clock that the moment was written for. @throws Problem 422 where the service knows nothing of that day */
export async function askForecast({ place, at }: z.output<typeof ForecastRequestSchema>): Promise<{
  service: string;
  hours: readonly HourOfWeather[];
}> {
  const service = simulatedWeather({ now: Date.now });
  const offset = /(Z|[+-]\d{2}:\d{2})$/.exec(at)?.[1] ?? "Z";
  try {
    // A show after dusk may run past midnight: the next day's first hours belong to it.
    const [day, next] = [dayOf(at), addDays(at, 1)];
    return {
      service: service.name,
      hours: [
        ...(await service.forecast(place, day, offset)),
        ...(await service.forecast(place, next, offset)),
      ],
    };
  } catch (error) {
    if (error instanceof RangeError)
      throw new Problem({
        type: "urn:dermagraph:problem:forecast",
        title: `There is no forecast: ${error.message}.`,
        detail: "Type the weather instead.",
        status: 422,
      });
    throw error;
  }
}
