import { hiveKind, placeLabel, type HiveKindName } from '../hive/kinds.js';

export interface TakeStep {
  id: string;
  kind: 'prepare' | 'wait' | 'open' | 'comb' | 'close' | 'after';
  title: string;
  text: string;
  bar?: number;
  waitMinutes?: number;
  caution?: string;
  /** What the large key says. */
  done: string;
}

/**
 * Steps of taking combs from a horizontal top-bar hive, worked from the back. Takes the bars chosen (numbered
 * from the entrance) and the last bar with comb. Combs come in order from the back; each is cut free from the
 * walls, tried for hanging free, slid level, then lifted, never tilted. Bars go back in order, empty ones last.
 */
export function topBarSteps(input: { bars: readonly number[]; lastCombBar: number }): TakeStep[] {
  const bars = [...input.bars].sort((a, b) => b - a);
  const steps: TakeStep[] = [
    PREPARE,
    { id: 'smoke', kind: 'wait', title: 'Smoke the entrance', text: 'Three slow puffs at the entrance. Then wait.', waitMinutes: 3, done: 'Smoked' },
    { id: 'board', kind: 'open', title: 'Take out the follower board', text: `Open at the back. Follower board out, a little smoke over the last bars.`, done: 'Board is out' },
  ];
  const setAside = input.lastCombBar > bars[0] ? `Slide the bars behind ${bars[0]} back, or set them aside in order.` : '';
  bars.forEach((bar, i) => {
    steps.push({
      id: `comb-${bar}`,
      kind: 'comb',
      bar,
      title: `Lift bar ${bar}`,
      text: [i === 0 ? setAside : '', 'Cut it from both walls, slide it level, see that it hangs free. Lift straight up, upright.', 'Look for brood and the queen on both sides. Brush, then cut it into the tub; leave a ridge.'].filter(Boolean).join(' '),
      caution: i === 0 ? 'A comb held flat breaks off its bar. Brood or the queen seen: put it back.' : undefined,
      done: 'In the tub',
    });
  });
  steps.push(
    { id: 'return', kind: 'close', title: 'Put the bars back', text: 'Bars with comb in their old order, without a gap to the nest; the empty bars last. Bees off the edges before wood meets wood.', done: 'All bars in' },
    { id: 'shut', kind: 'close', title: 'Board in, lid on', text: 'Follower board back behind the last bar with room for it. Lid on. Wipe every drop; water over spilled honey.', caution: 'In a dearth reduce the entrance; never close it.', done: 'Hive is closed' },
    { id: 'look-back', kind: 'after', title: 'Walk away, smoker out', text: 'Smother the smoker and see that it is cold. Look back at 24 hours: robbing, drips, a fallen comb.', done: 'Done here' },
  );
  return steps;
}

const PREPARE: TakeStep = { id: 'ready', kind: 'prepare', title: 'Before you open', text: 'Veil on, second person there, adrenaline and telephone in reach. Tub, lid, knife, brush and cloth beside you. Smoker lit on bare ground, water next to it.', caution: 'Stings can kill. Never alone the first times; know the emergency number.', done: 'All here' };

/**
 * Steps of taking for any kind of hive: a long hive by its bars from the back, a stack by its places, each
 * opened and closed in the words of its kind. Takes the places chosen as hive-wide numbers (see placeNumber).
 */
export function takeSteps(input: { kind: HiveKindName; bars: readonly number[]; lastCombBar: number }): TakeStep[] {
  if (input.kind === 'top-bar') return topBarSteps(input);
  const kind = hiveKind(input.kind);
  const what = kind.unitTaken === 'frame' ? 'frame' : 'comb';
  const places = [...input.bars].sort((a, b) => b - a);
  return [
    PREPARE,
    { id: 'smoke', kind: 'wait', title: 'Smoke, then wait', text: 'Three slow puffs, then wait for the bees to go down.', waitMinutes: 3, done: 'Smoked' },
    { id: 'open', kind: 'open', title: 'Open from the top', text: kind.takingSteps.slice(0, 3).join('. ') + '.', caution: kind.risks[0], done: 'Open' },
    ...places.map((bar): TakeStep => ({
      id: `comb-${bar}`, kind: 'comb', bar, title: `Take ${what} ${placeLabel(bar)}`,
      text: 'Look for brood and the queen on both sides. Free of bees, then cut it into the tub; what must stay, stays.',
      caution: bar === places[0] ? 'Brood or the queen seen: put it back.' : undefined, done: 'In the tub',
    })),
    { id: 'shut', kind: 'close', title: 'Close it', text: `${kind.takingSteps.slice(3).join('. ')}. No gap left: stray comb is built in a gap. Wipe every drop.`, caution: 'In a dearth reduce the entrance; never close it.', done: 'Hive is closed' },
    { id: 'look-back', kind: 'after', title: 'Walk away, smoker out', text: 'Smother the smoker and see that it is cold. Look back at 24 hours: robbing, drips, a fallen comb.', done: 'Done here' },
  ];
}
