// @vitest-environment jsdom
import { QueryObserver } from '@tanstack/react-query';
import { expect, it } from 'vitest';
import { KeepingUp } from './KeepingUp';

/** A question answered when it is told to, and how often it was asked. */
function asked() {
  const answers: ((value: string) => void)[] = [];
  const question = {
    queryKey: ['standing'],
    queryFn: () => new Promise<string>((done) => answers.push(done)),
  };
  return { question, answers };
}

it('asks again for what is on its way for the first time when it changes, and shows the later answer', async () => {
  const client = new KeepingUp();
  const { question, answers } = asked();
  const leave = new QueryObserver(client, question).subscribe(() => undefined);
  const waited = client.fetchQuery(question);
  const anew = client.invalidateQueries();
  await expect.poll(() => answers.length).toBe(2);
  answers[0]?.('before');
  answers[1]?.('after');
  await anew;
  expect(await waited).toBe('after');
  expect(client.getQueryData(question.queryKey)).toBe('after');
  leave();
});

it('leaves alone what it is not told of', async () => {
  const client = new KeepingUp();
  const { question, answers } = asked();
  const leave = new QueryObserver(client, question).subscribe(() => undefined);
  await client.invalidateQueries({ queryKey: ['days'] });
  answers[0]?.('before');
  await expect.poll(() => client.getQueryData(question.queryKey)).toBe('before');
  expect(answers).toHaveLength(1);
  leave();
});
