/** A form with what it means beside it, or under it on a narrow screen. */
export const BESIDE = "grid gap-5 lg:grid-cols-[minmax(0,1fr)_19rem]";
