"use client";

import { useEffect, useState } from "react";
import { HeldWorker } from "./heldWorker";

/**
 * A worker that lives as long as the component.
 *
 * @param create names the worker's file, so that the bundler finds it
 */
export function useWorker<Api>(create: () => Worker): HeldWorker<Api> {
  const [held] = useState(() => new HeldWorker<Api>(create));
  useEffect(() => () => held.stop(), [held]);
  return held;
}
