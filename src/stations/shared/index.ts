export { BenchProvider, useBench } from './BenchProvider';
export { BenchFrame } from './frame/BenchFrame';
export { usePreferences } from './preferences-store';
