import { describe, expect, it } from 'vitest';
import { parse } from 'vue/compiler-sfc';

/** What of the compiler's tree is asked here: an element (type 1) with its attributes. */
interface TemplateNode {
  type: number;
  tag?: string;
  props?: { name: string; value?: { content: string } }[];
  children?: TemplateNode[];
  loc: { start: { line: number } };
}
const ELEMENT = 1;
const sources = import.meta.glob<string>('./**/*.vue', {
  query: '?raw',
  import: 'default',
  eager: true,
});
const isSmallAct = (node: TemplateNode): boolean =>
  node.type === ELEMENT &&
  (node.props ?? []).some(
    (p) => p.name === 'class' && (p.value?.content ?? '').split(' ').includes('as-link'),
  );

/** Small acts with nothing between them: the compiler drops a space that holds a line's end. */
function touching(node: TemplateNode): number[] {
  const children = node.children ?? [];
  const here = children
    .filter((child, i) => i > 0 && isSmallAct(child) && isSmallAct(children[i - 1]))
    .map((child) => child.loc.start.line);
  return [...here, ...children.flatMap(touching)];
}
const touchingIn = (source: string): number[] => {
  const ast = parse(source).descriptor.template?.ast;
  return ast ? touching(ast as unknown as TemplateNode) : [];
};

describe('small acts within a sentence', () => {
  it('are found where only a line’s end parts them', () => {
    const act = '<button class="as-link">It granulates</button>';
    expect(touchingIn(`<template><p>\n${act}\n${act}\n</p></template>`)).toEqual([3]);
    expect(touchingIn(`<template><p>\n${act}{{ ' ' }}\n${act}\n</p></template>`)).toEqual([]);
  });
  it('never run into one another', () => {
    expect(Object.keys(sources).length).toBeGreaterThan(50);
    const found = Object.entries(sources).flatMap(([file, source]) =>
      touchingIn(source).map((line) => `${file}:${line}`),
    );
    expect(found).toEqual([]);
  });
});
