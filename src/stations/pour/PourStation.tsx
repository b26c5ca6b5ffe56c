'use client';

import { useBench } from '@/station-kit/BenchProvider';
import { PlanView } from './PlanView';
import { RunView } from './RunView';

/** Pour: the plan of a session, and while a run is on the bench, the run. */
export function PourStation() {
  const { view } = useBench();
  return view.run ? <RunView run={view.run} /> : <PlanView />;
}
