import { hiveKind, type Geometry, type HiveKindName } from '@furrow/core';
import type { DrawnHive } from '../drawing/sections/section.js';

/** A hive that is not made yet, as a drawing shows it: every box and place its measures ask for. */
export function sketchHive(kind: HiveKindName, geometry: Geometry): DrawnHive {
  const known = hiveKind(kind);
  const boxes = known.boxesAtStart(geometry).map((compartment, i) => ({
    carrierId: `box-${i + 1}`,
    number: i + 1,
    compartment,
    turned: false,
  }));
  return {
    kind,
    geometry,
    boxes,
    bars: boxes.flatMap((box) =>
      Array.from({ length: known.compartment(geometry, box.compartment).positions }, (_, i) => ({
        slot: box.number * 100 + i + 1,
        inBox: i + 1,
        boxId: box.carrierId,
        comb: null,
      })),
    ),
  };
}
