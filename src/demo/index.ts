export { DEMO_PRODUCTS } from "./products";
export { demoPeople } from "./people";
export { DEMO_LOOKS } from "./looks";
export { demoJobs } from "./jobs";
export { STARTERS, type StarterKey } from "./starters";
export { demoRecords } from "./records";
export { demoPalettes } from "./palettes";
