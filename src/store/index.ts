export {
  ARCHIVE_KINDS,
  deleteArchived,
  listArchived,
  StillUsed,
  type Archived,
  type ArchiveKind,
} from "./archive";
export { dataFolder, databasePath, openStore, type Store } from "./database";
export { hasPassphrase, openDoor, type Door } from "./door";
export { StudioInUse } from "./lock";
export {
  backupsIn,
  countsOf,
  examineBackup,
  inspectBackup,
  swapIn,
  writeBackup,
  type Counts,
} from "./backup";
export { deleteLeftover, listLeftovers, pruneLeftovers, type Leftover } from "./leftovers";
export { mustStand, NotFound, setArchived, StaleVersion, WasArchived } from "./versioned";
export {
  addPerson,
  findPerson,
  forgetPerson,
  isForgotten,
  listPeople,
  personIn,
  savePerson,
} from "./people";
export { addPractice, listPractice, removePractice } from "./practice";
export { currentSettings, saveSettings } from "./settings";
export { addHouse, currentHouse, listHouse, type HouseVersion } from "./house";
export { addRecord, listRecords } from "./records";
export { findCall, saveCall } from "./calls";
export { addChairEvents, knownEvents, lastSitting } from "./chair";
export {
  addRecordPicture,
  listRecordPictures,
  recordPictureBytes,
  type RecordPicture,
} from "./pictures";
export {
  addMovement,
  addProduct,
  findProduct,
  jobMovements,
  jobsUsed,
  listMovements,
  listAllProducts,
  listProducts,
  saveProduct,
  seasonMovements,
  stockLevels,
  paletteMovements,
} from "./products";
export { addPalette, findPalette, listPalettes, savePalette } from "./palettes";
export {
  addLook,
  countLooks,
  findLook,
  findLooks,
  keepVersion,
  listLookHeads,
  listTags,
  listVersions,
  looksPaintedWith,
  saveLook,
  type KeptVersion,
  type LookFilter,
  type StoredLook,
} from "./looks";
export { addMix, findMix, listMixes, saveMix } from "./mixes";
export {
  deleteReferences,
  findReference,
  putReference,
  referenceBytes,
  referenceOf,
  referencesOf,
  saveReference,
} from "./references";
export { addJob, findJob, listJobs, saveJob, type Job } from "./jobs";
export { contentOf, partOf, putRow } from "./content";
