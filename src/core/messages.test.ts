import { z } from "zod";
import { plainMessage } from "./messages";

const said = (schema: z.ZodType, value: unknown): string | undefined => {
  const parsed = schema.safeParse(value, { error: plainMessage });
  return parsed.success ? undefined : parsed.error.issues[0]?.message;
};

describe("what is said of a field", () => {
  it.each<[z.ZodType, unknown, string]>([
    [z.number(), null, "Enter a number."],
    [z.number(), "abc", "Enter a number."],
    [z.number().max(120), 121, "At most 120."],
    [z.number().min(-20), -21, "At least -20."],
    [z.number().int(), 0.4, "Enter a whole number."],
    [z.string().min(1), "", "Fill this in."],
    [z.string().max(3), "four", "At most 3 characters."],
    [z.array(z.string()).min(1), [], "At least 1."],
    [z.enum(["oily", "dry"]), "wet", "Choose one of what is offered."],
    [z.iso.date(), "tomorrow", "This isn't written as it should be."],
  ])("%#", (schema, value, words) => expect(said(schema, value)).toBe(words));

  it("leaves a schema its own words", () => {
    expect(said(z.number().max(20, "at most 20 mm"), 21)).toBe("at most 20 mm");
  });
});
