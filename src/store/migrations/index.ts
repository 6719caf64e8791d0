import type { Migration } from "kysely";
import { first } from "./001-first";

/** Migrations in order; a new one is its file and one line here. */
export const MIGRATIONS: Readonly<Record<string, Migration>> = { "001-first": first };
