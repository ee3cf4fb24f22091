import type { Told } from './told.js';

/** What the screens of today say. */
export interface TodayScreen {
  'FirstSteps.demo-household-could-not-be': object;
  'FirstSteps.nothing-runs-nothing-due': object;
  'FirstSteps.furrow-begins-with-hive-draw': object;
  'FirstSteps.kinds-hive': object;
  'FirstSteps.make-your-first-hive': object;
  'FirstSteps.house-rules-and-kit': object;
  'FirstSteps.before-first-hive': object;
  'FirstSteps.see-demo-household': object;
  'FirstSteps.invented-apiary-in-mid-season': object;
  'FirstSteps.open-it-again': object;
  'FirstSteps.take-in-what-you-kept': object;
  'FirstSteps.archive-another-furrow-or-sheet': object;
  'TodayView.due-since': { at: Told };
  'TodayView.before': { at: Told };
  'TodayView.today': { day: Told };
  'TodayView.now': object;
  'TodayView.at': { l: Told };
  'TodayView.text': { l: Told };
  'TodayView.nothing-due-today': object;
  'TodayView.done': { title: Told };
  'TodayView.choose-combs': object;
  'TodayView.hives': { hives: number };
  'TodayView.from-side': { hive: Told };
  'TodayView.may-be-taken': { hive: Told; hive2: Told };
  'TodayView.on-row': object;
  'TodayView.in-book': object;
  'TodayView.at-2': { stage: Told };
  'TodayView.what-due-as-calendar-file': object;
  'TodayView.next-seven-days': object;
  'TodayView.and': object;
  'TodayView.if-left': { ifLeft: Told };
  'TodayView.stirred': object;
  'TodayView.stirred-2': { title: Told };
  'TodayView.looked-back': object;
  'TodayView.later': object;
  'TodayView.done-5-minutes-your-hands': { title: Told };
  'TodayView.done-2': { title: Told };
  'TodayView.in-the-book': object;
}
