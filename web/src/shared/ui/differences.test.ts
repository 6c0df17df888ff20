import { expect, it } from 'vitest';
import { differences } from './differences';

const length = (text: string) => ({
  text,
  metres: Number.parseFloat(text),
  uncertaintyMetres: 0.02,
  method: 'TAPE',
});

it('names what differs in words, lengths as they were typed', () => {
  expect(
    differences(
      {
        id: 3,
        version: 9,
        name: 'Apron',
        lengths: { widthMetres: length('7.2 m'), depthMetres: length('6 m') },
      },
      { name: 'Apron', lengths: { widthMetres: length('7 m'), depthMetres: length('6 m') } },
    ),
  ).toEqual([{ what: 'lengths: width', mine: '7 m', theirs: '7.2 m' }]);
});

it('takes what is missing and what is empty for the same', () => {
  expect(differences({ name: 'A' }, { name: 'A', machineId: undefined })).toEqual([]);
  expect(differences({ counts: { a: 1, b: 2 } }, { counts: { b: 2, a: 1 } })).toEqual([]);
});

it('says how many there are where a list is long or of things', () => {
  const rows = differences(
    { courseIds: [1, 2], riders: [{ riderId: 1 }] },
    { courseIds: [2, 1], riders: [] },
  );
  expect(rows).toEqual([
    { what: 'course ids', mine: '2, 1', theirs: '1, 2' },
    { what: 'riders', mine: '0 in all', theirs: '1 in all' },
  ]);
});

it('names what has a name, also where it is beside what is counted of it', () => {
  const disc = { name: 'yellow disc', baseMetres: 0.19 };
  expect(
    differences(
      { markers: [{ marker: disc, owned: 24 }], usual: disc },
      { markers: [{ marker: { ...disc, name: 'half ball' }, owned: 24 }], usual: disc },
    ),
  ).toEqual([{ what: 'markers', mine: 'half ball', theirs: 'yellow disc' }]);
});
