import type { Block, Finding, Wish } from './api';

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
