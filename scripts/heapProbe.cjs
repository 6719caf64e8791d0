// Loaded before the server by the test of mutated requests: on SIGUSR2 it collects what is garbage and writes how large the heap is, bytes, to HEAP_FILE.
const { writeFileSync } = require("node:fs");
const v8 = require("node:v8");
const vm = require("node:vm");

v8.setFlagsFromString("--expose_gc");
const collect = vm.runInNewContext("gc");
process.on("SIGUSR2", () => {
  collect();
  collect();
  writeFileSync(process.env.HEAP_FILE, String(process.memoryUsage().heapUsed));
});
