import type { z } from 'zod';
import { newHiveFieldsSchema } from '../records/hive.js';
import { asRefused } from '../say/field.js';
import { geometryIssues } from './geometryIssues.js';

/** A new hive whose measures are right for its kind. */
export const newHiveSchema = newHiveFieldsSchema.superRefine((hive, context) => {
  for (const { path, says } of geometryIssues(hive.kind, hive.geometry))
    context.addIssue({ code: 'custom', message: asRefused(says), path: ['geometry', path] });
});
export type NewHive = z.infer<typeof newHiveSchema>;
