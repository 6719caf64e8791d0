/** The places of the rail, in the order of the work. A new one is a line here and its icon in the rail. A narrow screen has four of them on its bar. */
export const PLACES = [
  { key: "today", onBar: true, href: "/", label: "Today", goKey: "t" },
  { key: "looks", onBar: true, href: "/looks", label: "Looks", goKey: "l" },
  { key: "calls", onBar: false, href: "/calls", label: "Calls", goKey: "c" },
  { key: "booth", onBar: true, href: "/booth", label: "Booth", goKey: "b" },
  { key: "records", onBar: false, href: "/records", label: "Records", goKey: "e" },
  { key: "people", onBar: false, href: "/people", label: "People", goKey: "p" },
  { key: "mixing", onBar: false, href: "/mixing", label: "Mixing", goKey: "m" },
  { key: "shelf", onBar: true, href: "/shelf", label: "Shelf", goKey: "s" },
  { key: "rules", onBar: false, href: "/rules", label: "Rules", goKey: "r" },
] as const;
