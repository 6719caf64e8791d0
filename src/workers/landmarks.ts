import { expose } from "comlink";
import type { Config, Human } from "@vladmandic/human";
import { point } from "@/core/anatomy";
import {
  findFace,
  NoFaceFound,
  type FaceFound,
  type FaceMesh,
  type Photograph,
} from "@/core/photograph";

/** Where the build puts the finder's script and models; nothing comes from anywhere else. */
const FINDER = `${self.location.origin}/finder`;

const CONFIG: Partial<Config> = {
  modelBasePath: `${FINDER}/`,
  // Nothing of it is written into this browser.
  cacheModels: false,
  cacheSensitivity: 0,
  debug: false,
  warmup: "none",
  filter: { enabled: false },
  gesture: { enabled: false },
  body: { enabled: false },
  hand: { enabled: false },
  object: { enabled: false },
  segmentation: { enabled: false },
  face: {
    enabled: true,
    detector: { rotation: true, maxDetected: 3, minConfidence: 0.3, return: false },
    mesh: { enabled: true },
    iris: { enabled: true },
    attention: { enabled: false },
    description: { enabled: false },
    emotion: { enabled: false },
    antispoof: { enabled: false },
    liveness: { enabled: false },
  },
};

let loading: Promise<Human> | null = null;

/** By the graphics card, or where there is none by the processor. */
async function loaded(): Promise<Human> {
  const { Human: Finder } = (await import(
    /* webpackIgnore: true */ /* turbopackIgnore: true */ `${FINDER}/human.esm.js`
  )) as { Human: new (config: Partial<Config>) => Human };
  for (const backend of ["webgl", "cpu"] as const) {
    try {
      const human = new Finder({ ...CONFIG, backend });
      await human.load();
      if ((human.tf as { getBackend: () => string }).getBackend() === backend) return human;
    } catch {
      /* the next one */
    }
  }
  throw new Error("The face finder does not run in this browser. Put the points by hand.");
}

async function meshesOf(human: Human, { width, height, data }: Photograph): Promise<FaceMesh[]> {
  const picture = new ImageData(new Uint8ClampedArray(data), width, height);
  const { face, error } = await human.detect(picture);
  if (error) throw new Error(error);
  return face.map(({ mesh }) => ({
    points: mesh.map(([x, y]) => point(x, y)),
  }));
}

/** What is told while it works: which look, of how many; none while it is fetched. */
export type Told = (look: number | null, of: number) => void;

const worker = {
  find: async (
    photo: Photograph,
    told: Told,
  ): Promise<FaceFound | { readonly problem: string }> => {
    try {
      told(null, 0);
      loading ??= loaded();
      const human = await loading;
      return await findFace(photo, (seen) => meshesOf(human, seen), told);
    } catch (error) {
      loading = error instanceof NoFaceFound ? loading : null;
      return { problem: error instanceof Error ? error.message : "The face finder broke off." };
    }
  },
};
export type LandmarksWorker = typeof worker;

expose(worker);
