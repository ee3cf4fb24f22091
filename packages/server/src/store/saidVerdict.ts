import { asWritten, isSay, type Say } from '@furrow/core';

type Written = Say | string;
interface KeptVerdict {
  headline?: Written;
  findings?: { rule: Written; sentence: Written }[];
}
const toSay = (what: Written): Say => (isSay(what) ? what : asWritten(what));

/**
 * A verdict as a look keeps it, with sayings where an older Furrow kept sentences: those are shown
 * as they were written. Takes the verdict as it was opened; gives it again.
 */
export function saidVerdict(verdict: unknown): unknown {
  if (typeof verdict !== 'object' || verdict === null) return verdict;
  const { headline, findings, ...rest } = verdict as KeptVerdict;
  return {
    ...rest,
    ...(headline === undefined ? {} : { headline: toSay(headline) }),
    ...(findings === undefined
      ? {}
      : {
          findings: findings.map((found) => ({
            ...found,
            rule: toSay(found.rule),
            sentence: toSay(found.sentence),
          })),
        }),
  };
}
