import { isJoin, modelOf } from '../course/index.ts';
import { standingNow } from '../standing/index.ts';
import type { JobAtBench } from './jobAtBench.ts';
import type { Turn } from './turnKinds.ts';

/** What has to be open after a turn and is not. */
export function lostBy({ opens }: Turn, job: JobAtBench): readonly string[] {
  const open = job.openActs;
  const isOpen = (act: string, on: string | undefined): boolean =>
    on === undefined
      ? open.some((one) => one.startsWith(`${act} `))
      : open.includes(`${act} ${on}`);
  return opens
    .filter(({ acts, on }) => !acts.some((act) => isOpen(act, on)))
    .map(({ acts: [first], on }) => `${first} ${on ?? 'anything'} is not open`);
}

/** Things of the unit that are out, bad or slack. */
export function notWhole({ unit, state }: JobAtBench): readonly string[] {
  const { place, bad, slack } = standingNow(state);
  return [
    ...modelOf(unit)
      .events.filter((event) => !place.in.has(event))
      .map((event) => `${event} is ${isJoin(event) ? 'open' : 'out'}`),
    ...[...bad].map((id) => `${id} is bad`),
    ...[...slack].map((event) => `${event} is slack`),
  ];
}
