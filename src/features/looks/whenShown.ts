import type { When } from "@/server/lookCards";

/** Looks chosen by their jobs, as a button says it. */
export const WHEN_SHOWN: Readonly<Record<When, string>> = {
  ahead: "job ahead",
  none: "no job yet",
};
