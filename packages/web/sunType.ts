import type { AtRule, Plugin, Rule } from 'postcss';

/** In sun nothing is smaller: px. */
const LEAST_PX = 17;

/** The size in px that a rule gives its type, by font-size or the shorthand; null where it gives none. */
function sizeOf(rule: Rule): number | null {
  let size: number | null = null;
  rule.walkDecls(/^font(-size)?$/, (decl) => {
    const found = /(?:^|\s)(\d+(?:\.\d+)?)px/.exec(decl.value);
    if (found) size = Number(found[1]);
  });
  return size;
}
const isIn = (rule: Rule, name: RegExp): boolean =>
  rule.parent?.type === 'atrule' && name.test((rule.parent as AtRule).params);

/**
 * Gives every rule with small type a twin for sun mode, in which it is legible in glare: written
 * once beside each size, it would be forgotten at the next.
 */
export const sunType: Plugin = {
  postcssPlugin: 'sun-type',
  OnceExit(root, { Rule: NewRule }) {
    root.walkRules((rule) => {
      const size = sizeOf(rule);
      const isOther =
        rule.selector.includes('.sun') || /^(html|body|:root|from|to|\d)/.test(rule.selector);
      if (size === null || size >= LEAST_PX || isOther || isIn(rule, /print/)) return;
      const twin = new NewRule({ selectors: rule.selectors.map((s) => `.sun ${s}`) });
      twin.append({ prop: 'font-size', value: `${LEAST_PX}px` });
      rule.after(twin);
    });
  },
};
