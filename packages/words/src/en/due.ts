import type { DueSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const due: Sentences<DueSays> = {
  'look.due.yearly-look': 'the yearly look',
  'look.due.small-flies':
    'Each opening lets small flies in: once a year is enough, from above, in warm still air.',
  'look.due.again-every': 'look again every {days, plural, one {day} other {# days}} now',
  'look.due.winter': 'Winter: only from outside and by weight.',
  'look.due.comb-super-crowds': 'A comb super crowds the bees: swarming starts unseen.',
  'look.due.goes-on-changing': 'What is ripe, and how full they are, goes on changing.',
  'look.due.may-reach-bar': 'Comb may reach bar {bar} by {on}.',
  'look.due.checklist': 'answer the checklist of the dead colony',
  'look.due.checklist.why':
    'Until then its honey is provisional and never fed; foulbrood is notifiable in many places.',
  'look.due.close': 'close the hive against robbers',
  'look.due.close.why': 'A dead colony is robbed empty, and what killed it is carried home.',
  'look.due.first-look': 'look for the first time',
  'look.due.first-look.why': 'Nothing is known of its combs yet.',
  'look.due.fills-quickly': 'look again, it fills quickly',
  'look.due.main-harvest': 'the main harvest, after the winter',
  'look.due.main-harvest.why':
    'By your rule honey is taken once, in spring, from what the winter left.',
  'look.due.last-bar': 'comb hangs on bar {bar}, the last before the board',
  'look.due.last-bar.spare':
    'Slide the follower board back, or take from the back: a comb more and it is stuck.',
  'look.due.last-bar.full': 'Every bar is used: take from the back, or they swarm.',
  'look.due.wait-over': 'the waiting time of {product} is over',
  'look.due.wait-over.why':
    'Comb built since may be judged again; what the leaflet says of supers still counts.',
  'look.due.gap': 'fit the missing frame or bar',
  'look.due.gap.why': 'Stray comb is built in a gap within days.',
  'look.due.hole': 'close the gap at bar {bars}: slide the bars up',
  'look.due.hole.why':
    'An empty bar between combs cuts the stores off from the nest, or is built thick and crooked.',
  'look.due.entrance': 'reduce the entrance, or fit a robbing screen',
  'look.due.entrance.why': [
    'Dearth: robbers test every hive. Never seal it: air must pass; name the day it is',
    'opened again.',
  ],
  'look.due.reopen': 'open the entrance again',
  'look.due.reopen.reduced': 'It was reduced on {on}.',
  'look.due.reopen.screened': 'It was screened on {on}.',
  'look.due.excluder': 'queen excluder out before winter',
  'look.due.excluder.why': 'The cluster moves up to its stores and leaves the queen below to die.',
  'look.due.supers-off-but-reserved': 'leave the reserved super, take the others off',
  'look.due.supers-off': 'supers off',
  'look.due.supers-off.why': 'Empty room above the cluster costs warmth; what is theirs stays.',
  'look.due.old-frames': 'old frames or sheets in box {boxes}: plan to change them',
  'look.due.old-comb': 'old comb in box {boxes}: plan to change it',
  'look.due.old.why': [
    'Older than {seasons, plural, one {# season} other {# seasons}} by your rules: old comb',
    'carries residues and cocoons.',
  ],
  'look.due.super-on-nest': 'set a honey super on',
  'look.due.super-on-nest.why': [
    'The nest is full. Its hole comes over a corner of the brood box, so that the brood is',
    'passed, not crossed.',
  ],
  'look.due.super-wait': 'wait with the super',
  'look.due.super-wait.weak': 'The colony is weak: it would not be filled.',
  'look.due.super-wait.middle': 'The colony is of usual strength: it would not be filled.',
  'look.due.super-wait.unknown': 'How strong the colony is was not said: it might not be filled.',
  'look.due.super-wait.late':
    'Only {left, plural, one {# day} other {# days}} of flow left: it would stay half built.',
  'look.due.super-on': 'put a super on',
  'look.due.super-on.why': 'Strong flow, strong colony.',
  'look.due.super-on.why-left':
    'Strong flow, {left, plural, one {# day} other {# days}} of it left, strong colony.',
  'look.due.flow-over': 'the flow is over: no more room now',
  'look.due.flow-over.why': 'Empty super space invites wax moth and robbers.',
  'look.due.super-move': 'move the comb super to a colony that builds',
  'look.due.super-move.why': 'Nothing drawn in {days, plural, one {# day} other {# days}}.',
  'look.due.excluder-on': 'fit the queen excluder below the comb super',
  'look.due.excluder-on.why':
    'By your rule it keeps the queen out of the comb; pollen it lets pass.',
  'look.due.between': 'set an empty super between brood and comb super',
  'look.due.between.beside-excluder':
    'The excluder keeps the queen down, not the pollen: that is stored next to the brood.',
  'look.due.between.why': 'It keeps pollen and brood out of the comb.',
};
