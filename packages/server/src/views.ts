import { batchView } from './harvest/batches.js';
import { batchDetail } from './harvest/detail.js';
import { hiveView } from './look/hiveViews.js';
import type { ViewReaders } from './store/answers.js';

/** The views that writes answer with, by the name they have in the answer. */
export const VIEWS: ViewReaders = { detail: batchDetail, batch: batchView, hive: hiveView };
