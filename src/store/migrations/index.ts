import type { Migration } from "kysely";
import { first } from "./001-first";
import { mixesAndReferences } from "./002-mixes-and-references";
import { versions } from "./003-versions";
import { houseAndRecords } from "./004-house-and-records";
import { callsChairPictures } from "./005-calls-chair-pictures";
import { usedByJobs } from "./006-used-by-jobs";
import { traysAndPrices } from "./007-trays-and-prices";
import { largeStudios } from "./008-large-studios";
import { settings } from "./009-settings";
import { tags } from "./010-tags";
import { practice } from "./011-practice";

/** Migrations in order; a new one is its file and one line here. */
export const MIGRATIONS: Readonly<Record<string, Migration>> = {
  "001-first": first,
  "002-mixes-and-references": mixesAndReferences,
  "003-versions": versions,
  "004-house-and-records": houseAndRecords,
  "005-calls-chair-pictures": callsChairPictures,
  "006-used-by-jobs": usedByJobs,
  "007-trays-and-prices": traysAndPrices,
  "008-large-studios": largeStudios,
  "009-settings": settings,
  "010-tags": tags,
  "011-practice": practice,
};
