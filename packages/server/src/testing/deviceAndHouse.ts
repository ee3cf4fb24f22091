import { randomUUID } from 'node:crypto';
import {
  keptPathOf,
  waitingEntry,
  type Batch,
  type BatchDetail,
  type Hive,
  type JarKindRecord,
  type Known,
  type RulesVersion,
  type WaitingEntry,
} from '@furrow/core';
import type { Household } from './household.js';

/** What the house alone knows of a row: when it wrote it, and how often it changed. */
export function asShown<T>(value: T): T {
  const bare = (each: unknown): unknown => {
    if (Array.isArray(each)) return each.map(bare);
    if (typeof each !== 'object' || each === null) return each;
    const fields = Object.entries(each).filter(
      ([name]) => name !== 'recordedAt' && name !== 'revision',
    );
    return Object.fromEntries(fields.map(([name, inner]) => [name, bare(inner)]));
  };
  return bare(value) as T;
}

/** A house, and a device that keeps entries which the house has not heard of. */
export class DeviceAndHouse {
  constructor(private readonly home: Household) {}
  async hives(): Promise<Hive[]> {
    return (await this.home.get<{ items: Hive[] }>('/hives', { 'x-furrow-says': 'keys' })).items;
  }
  async batches(): Promise<Batch[]> {
    return (await this.home.get<{ items: Batch[] }>('/harvests')).items;
  }
  harvest(id: string): Promise<BatchDetail> {
    return this.home.get(`/harvests/${id}`, { 'x-furrow-says': 'keys' });
  }
  /** What a device shows entries by. */
  async known(): Promise<Known> {
    return {
      rules: await this.home.get<RulesVersion>('/rules'),
      batches: await this.batches(),
      jars: (await this.home.get<{ items: JarKindRecord[] }>('/jars')).items,
    };
  }
  /** An entry as a device keeps it, and as the house is sent it. */
  kept(spoken: string, payload: object): WaitingEntry {
    const at = keptPathOf(spoken)!;
    return waitingEntry(at, payload, {
      id: randomUUID(),
      occurredAt: this.home.now.toISOString(),
    });
  }
  /** The same entry as the house writes it. */
  async written(spoken: string, payload: object): Promise<void> {
    await this.home.ok(this.home.post(spoken, payload));
  }
}
