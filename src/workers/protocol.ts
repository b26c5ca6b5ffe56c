import type { ProgramProgress } from '@/core/numeric/integer-program';
import type { Changed } from '@/core/freezing/best-changes';
import type { CastFlaw } from '@/core/freezing/cast-flaws';
import type { Casting, PourSetting } from '@/core/freezing/casting';
import type { CastChange, MakerCan } from '@/core/freezing/mend-casting';
import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import type { FreezeDrawing } from '@/drawing/freeze-section';
import type { TimedHead } from '@/core/freezing/slower-by';
import type { BodySource } from '@/core/molds/body-source';
import type { MoldSpec, MoldWall } from '@/core/molds/cut-halves';
import type { Sitting, SittingBody } from '@/core/molds/sit-on-bottom';
import type { StudiedBody } from '@/core/molds/study-body';
import type { PourPlan, KeyCount, PlanMold } from '@/core/pours/pour-plan';
import type { MainColor } from '@/core/coats/color/main-colors';
import type { RackGroup, RackPlan, RackSize } from '@/core/coats/rack/rack-facts';
import type { CutPiece, CutPlan, CutStock } from '@/core/rigs/cuts/cut-facts';
import type { MixRecipe, StockMix } from '@/core/stock/mix-stock';
import type { RunOut, Taking } from '@/core/stock/forecast-use';
import type { OrderPlan, SellerPack, SellerPost } from '@/core/stock/plan-orders';
import type { ItemAmount, ShelfAmount } from '@/core/stock/tally-by-item';
import type { PlannedWeek } from '@/core/schedule/plan-week';
import type { Shop } from '@/core/schedule/shop';
import type { PrintedBars } from '@/core/mat/mat';
import type { PosedScene } from '@/core/posed/posed-scenes';
import type { ToldMat } from '@/core/sight/told-mat';
import type { Outcome } from '@/core/problems/problem';
import type { Solid } from '@/core/solids/solid';
import type { Answer } from '@/calculations/calculation';

/** How far a job has come: a search by what it has found, a reading by its share. */
export type JobProgress = ProgramProgress | { readonly share: number };

/** A mesh read from a file: what it measures and a sketch of it. Its million triangles stay with the worker. */
export type ReadMesh = StudiedBody;

/** What can be taken away of a cavity. */
export type MoldBody = 'head' | 'halves' | 'pattern';

/** A file to save. */
export interface MadeFile {
  /** What of the mold it is, as part of its name: `front`. */
  readonly part: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

/** A body as it is lit: nine numbers a triangle, mm, and which way its skin faces at each corner. */
export interface LitBody {
  readonly triangles: Float32Array;
  readonly normals: Float32Array;
}

/** A mold's bodies as they are seen. */
export interface RaisedMold {
  /** The cold casting. */
  readonly head: LitBody;
  readonly gate: LitBody;
  readonly front: LitBody;
  readonly back: LitBody;
  /** The hook's wire; null for none. */
  readonly hook: LitBody | null;
}

/** A casting and how it is poured, before its body is raised. */
export interface CastTask {
  readonly source: BodySource;
  readonly casting: Omit<Casting, 'body'>;
  readonly setting: PourSetting;
  /** The maker's own timed head, and the block it was poured in; null where none was timed. */
  readonly timed: { readonly head: TimedHead; readonly setting: PourSetting } | null;
}

/** Everything a worker can be asked, by name: what it takes, what it gives, what it tells on the way. */
export interface Jobs {
  readonly calculate: {
    readonly takes: { name: string; input: unknown };
    readonly gives: Answer;
    readonly tells: ProgramProgress;
  };
  readonly planPours: {
    readonly takes: { demand: readonly KeyCount[]; molds: readonly PlanMold[]; timeLimitS?: number };
    readonly gives: Outcome<PourPlan>;
    readonly tells: ProgramProgress;
  };
  readonly mixStock: {
    readonly takes: {
      readonly recipes: readonly MixRecipe[];
      readonly shelf: readonly ShelfAmount[];
      readonly timeLimitS?: number;
    };
    readonly gives: Outcome<StockMix>;
    readonly tells: ProgramProgress;
  };
  readonly planCuts: {
    readonly takes: {
      readonly stock: readonly CutStock[];
      readonly pieces: readonly CutPiece[];
      readonly kerfMm: number;
      readonly timeLimitS?: number;
    };
    readonly gives: Outcome<CutPlan>;
    readonly tells: ProgramProgress;
  };
  readonly planOrders: {
    readonly takes: {
      readonly short: readonly ItemAmount[];
      readonly packs: readonly SellerPack[];
      readonly posts: readonly SellerPost[];
      readonly timeLimitS?: number;
    };
    readonly gives: Outcome<OrderPlan>;
    readonly tells: ProgramProgress;
  };
  /** When each of many bins runs out; null for those with too little history. */
  readonly forecastUse: {
    readonly takes: {
      readonly bins: readonly {
        readonly id: string;
        readonly takings: readonly Taking[];
        readonly watchedDays: number;
        readonly free: number;
      }[];
      /** How busy each month is beside a usual one, and which month each day from today falls in. */
      readonly season: readonly number[];
      readonly startOfYearDay: number;
      readonly seed: number;
    };
    readonly gives: readonly { readonly id: string; readonly runOut: RunOut | null }[];
    readonly tells: never;
  };
  /** When what is done, and what can be promised of it. */
  readonly planWeek: {
    readonly takes: {
      readonly shop: Shop;
      /** How far each task may lie from its minutes, by its id. */
      readonly spreads: ReadonlyMap<string, number>;
    };
    readonly gives: Outcome<PlannedWeek>;
    readonly tells: never;
  };
  readonly readStl: {
    /** The file itself: the page never holds its bytes. */
    readonly takes: { readonly file: Blob };
    readonly gives: Outcome<ReadMesh>;
    readonly tells: { readonly share: number };
  };
  /** The cold casting of a cavity. */
  readonly studyBody: {
    readonly takes: { readonly solid: Solid; readonly scale: number };
    readonly gives: StudiedBody;
    readonly tells: never;
  };
  readonly sitOnBottom: {
    readonly takes: SittingBody;
    readonly gives: Outcome<Sitting>;
    readonly tells: never;
  };
  /** A photo's main colors. The photo stays on this machine: decoded in the worker, kept nowhere. */
  readonly photoColors: {
    readonly takes: { readonly file: Blob };
    readonly gives: Outcome<readonly MainColor[]>;
    readonly tells: never;
  };
  /** What lies on a mat, by a picture of it. The picture stays on this machine: what comes back is the mat set straight. */
  readonly seeMat: {
    readonly takes: { readonly file: Blob; readonly printed: PrintedBars | null };
    readonly gives: Outcome<ToldMat & { readonly straight: Blob }>;
    readonly tells: { readonly share: number };
  };
  /** A picture as the stand-in camera takes it. */
  readonly poseMat: {
    readonly takes: { readonly what: PosedScene; readonly seed: number; readonly widthPx: number };
    readonly gives: Blob;
    readonly tells: never;
  };
  /** A casting followed from the pour until it is solid, and what is likely wrong with it. */
  readonly freezeCasting: {
    readonly takes: CastTask & { readonly mostBricks: number };
    readonly gives: Outcome<{ readonly picture: FrozenPicture; readonly drawing: FreezeDrawing }>;
    readonly tells: { readonly share: number };
  };
  /** What to change about a casting, the best three. */
  readonly mendCasting: {
    readonly takes: CastTask & { readonly can: MakerCan };
    readonly gives: Outcome<readonly Changed<CastChange, readonly CastFlaw[]>[]>;
    readonly tells: { readonly share: number };
  };
  readonly rackLoads: {
    readonly takes: {
      readonly groups: readonly RackGroup[];
      readonly cureMinutes: readonly number[];
      readonly rack: RackSize;
      readonly timeLimitS: number;
    };
    readonly gives: RackPlan;
    readonly tells: never;
  };
  readonly cutMold: {
    readonly takes: {
      readonly spec: Omit<MoldSpec, 'cavity'>;
      readonly body: BodySource;
      /** From the hot cavity to the cold casting. */
      readonly coldScale: number;
      readonly title: string;
      readonly what: MoldBody;
      readonly as: 'stl' | '3mf';
    };
    readonly gives: Outcome<{ readonly files: readonly MadeFile[]; readonly walls: readonly MoldWall[] }>;
    readonly tells: never;
  };
  /** The bodies of a mold, to be turned and looked at. */
  readonly raiseMold: {
    readonly takes: {
      readonly spec: Omit<MoldSpec, 'cavity'>;
      readonly body: BodySource;
      readonly coldScale: number;
    };
    readonly gives: Outcome<RaisedMold>;
    readonly tells: never;
  };
}

export type JobName = keyof Jobs;

/** The worker's one door. */
export interface WorkerDoor {
  run<Name extends JobName>(
    name: Name,
    input: Jobs[Name]['takes'],
    onProgress: (progress: Jobs[Name]['tells']) => void,
  ): Promise<Jobs[Name]['gives']>;
}
