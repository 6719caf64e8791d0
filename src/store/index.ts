export { dataFolder, databasePath, openStore, type Store } from "./database";
export { NotFound, setArchived, StaleVersion } from "./versioned";
export { addPerson, findPerson, listPeople, savePerson } from "./people";
export { addMovement, addProduct, findProduct, listMovements, listProducts, saveProduct, stockLevels } from "./products";
export { addLook, findLook, keepVersion, listLooks, listVersions, saveLook, type KeptVersion, type StoredLook } from "./looks";
export { addMix, findMix, listMixes, saveMix } from "./mixes";
export { findReference, putReference, referenceBytes, referenceOf, saveReference } from "./references";
export { addJob, findJob, listJobs, saveJob, type Job } from "./jobs";
