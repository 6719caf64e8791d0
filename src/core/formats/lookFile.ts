import { z } from "zod";
import { LayerSchema, LookSchema, StoredLayerSchema } from "../look";
import { HexSchema, MATERIAL_KEYS } from "../paint";
import { readJson } from "../text/plainText";

/**
 * The version this Dermagraph writes, and the newest it reads. Of version 1 are looks without parts of areas, form and
 * light, of version 2 those without strengths and tools that blend, of version 3 those without steps besides paint and what holds pieces, of version 4 those that say the middle of an area beside its part: what they don't say is as it was before there were
 * any, and a layer reads the rest as it is now.
 */
export const LOOK_FILE_VERSION = 5;
const READ_VERSIONS = [1, 2, 3, 4, LOOK_FILE_VERSION] as const;

/** A look to hand on: the design, and what its products are, so that whoever has others can find the like. */
export const LookFileSchema = z
  .object({
    format: z.literal("dermagraph look"),
    version: z.literal(READ_VERSIONS),
    look: LookSchema,
    products: z
      .array(
        z
          .object({
            id: z.string().max(64),
            name: z.string().max(80),
            maker: z.string().max(60),
            material: z.enum(MATERIAL_KEYS),
            colour: HexSchema.nullable(),
          })
          .strict(),
      )
      .max(400),
  })
  .strict();
export type LookFile = z.infer<typeof LookFileSchema>;

/** The published JSON Schema (draft 2020-12) of a look file. */
export const lookFileJsonSchema = (): object => ({
  $id: `urn:dermagraph:look-file:${LOOK_FILE_VERSION}`,
  title: "Dermagraph look",
  ...z.toJSONSchema(LookFileSchema, {
    io: "input",
    unrepresentable: "any",
    // What reads layers of before has no schema of its own: the layers of now are what is published.
    override: ({ zodSchema, jsonSchema }) => {
      if (zodSchema !== StoredLayerSchema) return;
      const { $schema: _, ...layer } = z.toJSONSchema(LayerSchema, { io: "input" });
      Object.assign(jsonSchema, layer);
    },
  }),
});

export type Refused = { readonly field: string; readonly message: string };

/**
 * Reads a look file. What it can't take it says: no JSON, another format, a newer version, or the fields that are wrong.
 */
export function readLookFile(
  text: string,
): { ok: true; file: LookFile } | { ok: false; refused: Refused[] } {
  const no = (field: string, message: string) => ({
    ok: false as const,
    refused: [{ field, message }],
  });
  let value: unknown;
  try {
    value = readJson(text.replace(/^\uFEFF/, ""));
  } catch {
    return no("file", "is not JSON");
  }
  const head = z.object({ format: z.unknown(), version: z.unknown() }).safeParse(value);
  if (!head.success || head.data.format !== "dermagraph look")
    return no("format", "is not a look that Dermagraph wrote");
  if (typeof head.data.version === "number" && head.data.version > LOOK_FILE_VERSION)
    return no(
      "version",
      `was written by a newer Dermagraph (version ${head.data.version}; this one reads ${LOOK_FILE_VERSION})`,
    );
  const parsed = LookFileSchema.safeParse(value);
  if (parsed.success) return { ok: true, file: parsed.data };
  return {
    ok: false,
    refused: parsed.error.issues.slice(0, 20).map((issue) => ({
      field: issue.path.map(String).join(".") || "file",
      message: issue.message,
    })),
  };
}
