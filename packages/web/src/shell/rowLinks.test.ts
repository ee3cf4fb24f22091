import type { Batch } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { inView, stageLink } from './rowLinks.js';

const batch = { id: 'b1', hiveId: 'h1', stage: 'drain', closedAt: null } as Batch;
const seen = (stage: Parameters<typeof inView>[0], id: string | null) => inView(stage, id, [batch]);

describe('links of the row', () => {
  it('keep the harvest in view as far as it has come, and its hive', () => {
    const view = seen('drain', 'b1');
    expect(stageLink('take', view)).toBe('/take/b1');
    expect(stageLink('drain', view)).toBe('/drain/b1');
    expect(stageLink('jar', view)).toBe('/jar');
    expect(stageLink('book', view)).toBe('/book/b1');
    expect(stageLink('look', view)).toBe('/look/h1');
  });
  it('lead to what lies behind the stage that is open, though the list is a moment behind', () => {
    const planned = { ...batch, stage: 'ready' } as Batch;
    expect(stageLink('take', inView('drain', 'b1', [planned]))).toBe('/take/b1');
    expect(stageLink('jar', inView('drain', 'b1', [planned]))).toBe('/jar');
  });
  it('keep the hive in view between looking and choosing', () => {
    const view = seen('look', 'h2');
    expect(stageLink('choose', view)).toBe('/choose/h2');
    expect(stageLink('take', view)).toBe('/take');
  });
  it('lead to the stage alone where nothing is in view, or nothing known', () => {
    expect(stageLink('jar', seen('jar', null))).toBe('/jar');
    expect(stageLink('jar', seen('jar', 'gone'))).toBe('/jar');
    expect(stageLink('look', seen(undefined, 'b1'))).toBe('/look');
  });
});
