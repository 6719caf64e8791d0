import { plural } from "./text/words";
import type { z } from "zod";

type Issue = Parameters<z.core.$ZodErrorMap>[0];

const sizeWords = (origin: string, n: number | bigint): string => {
  if (origin === "string") return `${n} ${plural(Number(n), "character")}`;
  return String(n);
};

const EXPECTED: Readonly<Record<string, string>> = {
  number: "Enter a number.",
  int: "Enter a whole number.",
  string: "Enter some text.",
  boolean: "Answer yes or no.",
  array: "Give a list.",
  object: "Send an object.",
};

/**
 * What a person reads where a schema says nothing of its own: what would be right, never a
 * validator's words. Given to every parse of what came from outside.
 */
export function plainMessage(issue: Issue): string | undefined {
  switch (issue.code) {
    case "invalid_type":
      return EXPECTED[issue.expected] ?? "Fill this in.";
    case "too_small":
      if (issue.origin === "string" && issue.minimum === 1) return "Fill this in.";
      return `At least ${sizeWords(issue.origin, issue.minimum)}.`;
    case "too_big":
      return `At most ${sizeWords(issue.origin, issue.maximum)}.`;
    case "invalid_value":
    case "invalid_union":
      return "Choose one of what is offered.";
    case "invalid_format":
      return "This isn't written as it should be.";
    default:
      return undefined;
  }
}
