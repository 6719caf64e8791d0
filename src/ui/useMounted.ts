"use client";

import { useSyncExternalStore } from "react";

const never = () => () => undefined;
/** Whether the page is alive in a browser: false on the server and in the first pass, so that both draw the same. */
export const useMounted = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
