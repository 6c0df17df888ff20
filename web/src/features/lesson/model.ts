import type { Block, Finding, Lesson, Wish } from './api';

/** A time of day some minutes after another, as 09:30. */
export function clock(startsAt: string, minute: number): string {
  const [hours = 0, minutes = 0] = startsAt.split(':').map(Number);
  const all = (hours * 60 + minutes + minute) % 1440;
  return `${String(Math.floor(all / 60)).padStart(2, '0')}:${String(all % 60).padStart(2, '0')}`;
}

/** How many areas are ridden on. */
export function areasOf(blocks: Block[]): number {
  return 1 + Math.max(0, ...blocks.map((b) => b.area));
}

/**
 * The stations of a plan in their order, as wishes: what is to be changed has to be said first. With several areas each
 * round is ridden as often as there are areas; it is one wish for each station.
 */
export function wishesOf(lesson: Lesson): Wish[] {
  if (lesson.settings.wishes.length > 0) return lesson.settings.wishes;
  return roundsOf(lesson.blocks).flatMap((round) => round.map((b) => ({ station: b.station ?? 'open' })));
}

/** The first blocks of every round, one for each area. */
function roundsOf(blocks: Block[]): Block[][] {
  const areas = areasOf(blocks);
  const drills = blocks.filter((b) => b.sort === 'DRILLS');
  const rounds: Block[][] = [];
  for (let i = 0; i < drills.length; i += areas * areas) rounds.push(drills.slice(i, i + areas));
  return rounds;
}

/** Which wish a block comes from; none for what the app puts in by itself. */
export function wishIndex(blocks: Block[], block: Block): number | undefined {
  if (block.sort !== 'DRILLS') return undefined;
  const areas = areasOf(blocks);
  const at = blocks.filter((b) => b.sort === 'DRILLS').indexOf(block);
  const round = Math.floor(at / (areas * areas));
  const station = roundsOf(blocks)[round]?.findIndex((b) => b.station === block.station) ?? 0;
  return round * areas + Math.max(0, station);
}

/** One wish moved to another place. */
export function moved(wishes: Wish[], from: number, to: number): Wish[] {
  const target = Math.max(0, Math.min(wishes.length - 1, to));
  const next = [...wishes];
  const [wish] = next.splice(from, 1);
  if (wish) next.splice(target, 0, wish);
  return next;
}

/** One wish with its minutes fixed, to five, between 5 and 120. */
export function lasting(wishes: Wish[], index: number, minutes: number): Wish[] {
  const whole = Math.max(5, Math.min(120, Math.round(minutes / 5) * 5));
  return wishes.map((w, i) => (i === index ? { ...w, minutes: whole } : w));
}

/** One wish with its minutes left to the planner. */
export function open(wishes: Wish[], index: number): Wish[] {
  return wishes.map((w, i) => (i === index ? { station: w.station } : w));
}

/** Without one wish. */
export function without(wishes: Wish[], index: number): Wish[] {
  return wishes.filter((_, i) => i !== index);
}

/** What is wrong with one block. */
export function findingsOf(findings: Finding[], index: number): Finding[] {
  return findings.filter((f) => f.where === `blocks.${index}`);
}

/** What is wrong with the lesson as a whole. */
export function generalFindings(findings: Finding[]): Finding[] {
  return findings.filter((f) => !f.where.startsWith('blocks.'));
}

/** Full hours, and halves, that lie in a lesson: minutes from its start. */
export function hourMarks(startsAt: string, minutes: number): number[] {
  const past = Number(startsAt.split(':')[1] ?? 0) % 30;
  const marks: number[] = [];
  for (let m = (30 - past) % 30; m <= minutes; m += 30) marks.push(m);
  return marks;
}
