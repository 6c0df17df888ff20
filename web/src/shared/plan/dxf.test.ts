import { readFileSync } from 'node:fs';
import DxfParser from 'dxf-parser';
import { expect, it } from 'vitest';

/** The example is what the app writes: a test of the server holds it so. */
const text = readFileSync('../docs/formats/examples/slipway-box.dxf', 'utf8');

it('writes a DXF that another reader reads: layers, units, and every cone where it stands', () => {
  const dxf = new DxfParser().parseSync(text);
  expect(dxf?.header.$INSUNITS).toBe(6);
  expect(Object.keys(dxf?.tables.layer.layers ?? {})).toEqual(
    expect.arrayContaining(['cones', 'lines', 'ride-line', 'labels']),
  );
  const circles = (dxf?.entities ?? []).filter((e) => e.type === 'CIRCLE');
  // Ten cones, the two tall ones with a ring more.
  expect(circles).toHaveLength(12);
  expect(circles.every((c) => c.layer === 'cones')).toBe(true);
  const way = (dxf?.entities ?? []).filter((e) => e.layer === 'ride-line');
  expect(way).toHaveLength(1);
  const corners = circles as unknown as { center: { x: number; y: number }; radius: number }[];
  expect(corners.some((c) => Math.abs(c.center.x - 7.64) < 1e-3 && Math.abs(c.center.y - 7.34) < 1e-3)).toBe(
    true,
  );
});
