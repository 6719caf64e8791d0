import "server-only";
import { z } from "zod";
import { MeterNotReady, type MeterReading, type MeterState } from "@/core/colour";
import { HexSchema } from "@/core/paint";
import { simulatedMeter, SKIN_PLACES, type SimulatedMeter, type SkinPlace } from "@/simulated/colourMeter";
import { Problem } from "./problem";

/** What is asked of the colour meter. `under` says what lies under the stand-in's window; a real meter would know. */
export const MeterRequestSchema = z.discriminatedUnion("ask", [
  z.object({ ask: z.literal("state") }).strict(),
  z.object({ ask: z.literal("tile") }).strict(),
  z.object({ ask: z.literal("read"), under: z.object({ hex: HexSchema, place: z.enum(Object.keys(SKIN_PLACES) as [SkinPlace, ...SkinPlace[]]).optional() }).strict() }).strict(),
]);

const HOLD = Symbol.for("dermagraph.colourMeter");
type Holder = typeof globalThis & { [HOLD]?: SimulatedMeter };

function meter(): SimulatedMeter {
  const holder = globalThis as Holder;
  holder[HOLD] ??= simulatedMeter({ now: Date.now, random: Math.random });
  return holder[HOLD];
}

/** @throws Problem 409 while it wants its white tile */
export async function askMeter(request: z.output<typeof MeterRequestSchema>): Promise<{ state: MeterState; reading: MeterReading | null }> {
  const device = meter();
  if (request.ask === "tile") device.calibrate();
  if (request.ask !== "read") return { state: device.state(), reading: null };
  device.hold(request.under.hex, request.under.place);
  try {
    const reading = device.read();
    return { state: device.state(), reading };
  } catch (error) {
    if (error instanceof MeterNotReady) throw new Problem({ type: "urn:dermagraph:problem:device", title: error.message, status: 409 });
    throw error;
  }
}
