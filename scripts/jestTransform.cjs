// Jest runs each test file in a context of its own, where every look at a global such as Math goes through an interceptor: inner loops become
// some forty times slower than in the product. Bound once a module, these globals are plain variables again.
const swc = require("@swc/jest");

const GLOBALS = [
  "Math",
  "Float64Array",
  "Float32Array",
  "Int32Array",
  "Uint8ClampedArray",
  "Number",
  "Array",
  "Object",
  "Map",
  "Set",
  "JSON",
  "Infinity",
  "NaN",
  "String",
  "RangeError",
];

module.exports = {
  createTransformer(options) {
    const inner = swc.createTransformer(options);
    return {
      ...inner,
      process(source, path, given) {
        const result = inner.process(source, path, given);
        if (path.includes("node_modules") || !/\.tsx?$/.test(path)) return result;
        const used = GLOBALS.filter(
          (name) =>
            new RegExp(`\\b${name}\\b`).test(source) &&
            !new RegExp(
              `(?:const|let|var|function|class|import)\\s+(?:type\\s+)?[{\\s\\w,]*\\b${name}\\b`,
            ).test(source),
        );
        return used.length
          ? { ...result, code: `const { ${used.join(", ")} } = globalThis;${result.code}` }
          : result;
      },
    };
  },
};
