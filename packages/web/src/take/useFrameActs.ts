import type { BatchDetail, FrameEventKind, FrameVessel, HouseRules } from '@furrow/core';
import { computed, type Ref } from 'vue';
import { newId } from '../api/client.js';
import type { useSend } from '../api/useSend.js';
import { tell } from '../words/tell.js';
import type { useFrames } from './useFrames.js';

interface FramesInView {
  detail: Ref<BatchDetail>;
  rules: Ref<HouseRules>;
  frames: ReturnType<typeof useFrames>['frames'];
  /** Which of them is in view. */
  at: Ref<number>;
  owedBy: (combId: string) => FrameVessel[];
  nameOf: (vesselId: string) => string;
  /** Resolves when the steps before have arrived. */
  settled: () => Promise<void>;
  /** Asks for the weight of a vessel. */
  weigh: (vesselId: string) => void;
  go: ReturnType<typeof useSend>['go'];
}

/** What can be done at the frame in view, each by what the next step is, and the words of its key. */
export function useFrameActs({
  detail,
  rules,
  frames,
  at,
  owedBy,
  nameOf,
  settled,
  weigh,
  go,
}: FramesInView) {
  const frame = computed(() => frames.value[at.value]);
  async function write(
    kind: FrameEventKind,
    said: string,
    change: { vesselId?: string | null; later?: boolean } = {},
  ): Promise<boolean> {
    await settled();
    const done = await go(
      '/frameEvents',
      {
        id: newId(),
        batchId: detail.value.batch.id,
        combId: frame.value.combId,
        kind,
        vesselId: change.vesselId ?? null,
        ...(change.later ? { later: true } : {}),
      },
      tell('FramesPanel.frame-2', { frame: frame.value.label, said }),
    );
    return Boolean(done);
  }
  const open = (): unknown =>
    write('open', tell('FramesPanel.part-opened', { partsOpen: frame.value.run.partsOpen + 1 }), {
      vesselId: frame.value.vesselId,
    });
  /**
   * A frame that ran before Furrow was asked: its parts are written down as open, without waiting at
   * each.
   */
  async function openAlready(): Promise<void> {
    for (let part = frame.value.run.partsOpen + 1; part <= rules.value.frameParts; part++) {
      const vesselId = frame.value.vesselId;
      if (!(await write('open', tell('FramesPanel.part-was-open-already', { part }), { vesselId })))
        return;
      if (!(await write('no-leak', tell('FramesPanel.no-leak-seen')))) return;
    }
  }
  const owedNow = computed(() => owedBy(frame.value.combId));
  async function plug(later = false): Promise<void> {
    if (owedNow.value.length && !later) return weigh(owedNow.value[0].vesselId);
    const here = at.value;
    const said = later
      ? tell('FramesPanel.plug-in-its-vessel-weighed')
      : tell('FramesPanel.plug-in-closed');
    const done = await write('plug', said, { later });
    const open = frames.value.findIndex((f) => !f.run.closed);
    // Whoever has gone to another frame meanwhile stays there.
    if (done && open >= 0 && at.value === here) at.value = open;
  }
  const ACTS: Record<string, { label: () => string; run: () => unknown } | null> = {
    open: {
      label: () =>
        rules.value.frameParts === 1
          ? tell('FramesPanel.open-frame')
          : tell('FramesPanel.open-part', {
              partsOpen: frame.value.run.partsOpen + 1,
              frameParts: rules.value.frameParts,
            }),
      run: open,
    },
    'check-leak': {
      label: () => tell('FramesPanel.no-leak'),
      run: () => write('no-leak', tell('FramesPanel.no-leak-seen')),
    },
    'handle-leak': {
      label: () => tell('FramesPanel.leak-seen-to'),
      run: () => write('leak-handled', tell('FramesPanel.leak-seen-to-2')),
    },
    weigh: {
      label: () => tell('FramesPanel.only-drops-come-now'),
      run: () => write('drops', tell('FramesPanel.only-drops')),
    },
    reset: {
      label: () => tell('FramesPanel.reset-cells-back-in-line'),
      run: () => write('reset', tell('FramesPanel.reset')),
    },
    plug: {
      label: () =>
        owedNow.value.length
          ? tell('FramesPanel.weigh-first', { vesselId: nameOf(owedNow.value[0].vesselId) })
          : tell('FramesPanel.plug-in'),
      run: () => plug(),
    },
    closed: null,
    wait: null,
    stop: null,
  };
  return { write, open, openAlready, plug, owedNow, ACTS };
}
