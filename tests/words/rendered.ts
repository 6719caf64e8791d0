/** Retired phrases on each view as it is opened, in the demo. Only ever made smaller. */
export const RENDERED: Readonly<Record<string, number>> = {};
