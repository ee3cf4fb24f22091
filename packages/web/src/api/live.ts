import { tell } from '../words/tell.js';
import { dataOf } from '../parts/domEvents';
import { readInstrumentLine, splitLines, type ScaleReading } from '@furrow/core';
import { onScopeDispose, ref, watch, type Ref } from 'vue';
import { serverNow } from './client.js';
import { useUi } from '../shell/ui.js';

/** Seconds without a word after which a scale counts as silent. */
const SILENT_AFTER_MS = 4_000;

/**
 * Listens to an instrument over server-sent events while its address is not null; a line that drops
 * is said, the last steady reading stays. A scale on the browser's serial port takes its place
 * where one is connected.
 */
export function useScale(query: Ref<string | null>) {
  const reading = ref<ScaleReading | null>(null);
  const lastSteady = ref<ScaleReading | null>(null);
  const silentSince = ref<string | null>(null);
  const serial = ref(false);
  let source: EventSource | null = null;
  let heardAt = Date.now();
  function hear(next: ScaleReading): void {
    heardAt = Date.now();
    reading.value = next;
    if (next.state === 'silent') return void (silentSince.value ??= next.at);
    silentSince.value = null;
    // Until it stands still once, what it showed moving is better than nothing.
    if (next.state === 'steady' || lastSteady.value?.state !== 'steady') lastSteady.value = next;
  }
  const stop = watch(
    query,
    (now) => {
      source?.close();
      source = null;
      reading.value = lastSteady.value = silentSince.value = null;
      if (!now) return;
      heardAt = Date.now();
      source = new EventSource(`/api/v1/instruments/events?instrument=bench-scale&${now}`);
      source.addEventListener('reading', (event) => {
        const said: ScaleReading = JSON.parse(dataOf(event));
        if (!serial.value) hear(said);
      });
    },
    { immediate: true },
  );
  const watcher = setInterval(() => {
    if (query.value && reading.value && Date.now() - heardAt > SILENT_AFTER_MS)
      silentSince.value ??= reading.value.at;
  }, 1_000);
  const drop = useSerial((next) => hear(next), serial);
  onScopeDispose(() => {
    stop();
    source?.close();
    clearInterval(watcher);
    void drop.close();
  });
  return { reading, lastSteady, silentSince, serial, connect: drop.connect, canConnect: drop.can };
}

interface SerialPort {
  open: (options: { baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
}

/** Lines of text of a real scale through the browser's serial port, where there is one. */
function useSerial(hear: (reading: ScaleReading) => void, serial: Ref<boolean>) {
  const ui = useUi();
  const api = (navigator as unknown as { serial?: { requestPort: () => Promise<SerialPort> } })
    .serial;
  let port: SerialPort | null = null;
  async function connect(): Promise<void> {
    if (!api) return ui.say(tell('live.this-browser-has-no-serial'));
    try {
      port = await api.requestPort();
      await port.open({ baudRate: 9600 });
      serial.value = true;
      const reader = port
        .readable!.pipeThrough(
          new TextDecoderStream() as unknown as TransformStream<Uint8Array, string>,
        )
        .getReader();
      let rest = '';
      for (let part = await reader.read(); !part.done; part = await reader.read()) {
        const split = splitLines(rest, part.value);
        rest = split.rest;
        for (const line of split.lines) {
          const read = readInstrumentLine(line);
          const base = {
            unit: 'g' as const,
            at: serverNow().toISOString(),
            instrument: 'scale',
            simulated: false,
          };
          if (read === 'overload') hear({ ...base, value: 0, state: 'overload' });
          else if (read?.quantity === 'mass')
            hear({
              ...base,
              value: Math.round(read.value),
              state: read.steady ? 'steady' : 'moving',
            });
        }
      }
    } catch {
      ui.say(tell('live.scale-not-connected-nothing-was'));
    }
    serial.value = false;
  }
  return {
    connect,
    can: Boolean(api),
    close: async () => {
      await port?.close().catch(() => undefined);
    },
  };
}
