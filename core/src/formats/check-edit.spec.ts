import { boatyard } from '@dray/demo';
import type { DrayDocument, Session } from '../model';
import { checkEdit } from './check-edit';

describe('checkEdit', () => {
  const [tuesday] = boatyard.sessions;
  const withSession = (change: Partial<Session>, from: DrayDocument = boatyard) => {
    const session = { ...from.sessions[0]!, ...change };
    const document = { ...from, sessions: [session, ...from.sessions.slice(1)] };
    return { document, record: { list: 'sessions', before: from.sessions[0], after: session } as const };
  };

  it('takes what can be read again', () => {
    const { document, record } = withSession({ name: 'Evening' });
    expect(checkEdit(boatyard, document, [record])).toBeUndefined();
  });

  it('says where and what would be beyond a limit', () => {
    const many = Array.from({ length: 41 }, (_, at) => ({
      ...tuesday!.blocks[0]!,
      id: `b${at}`,
      slots: [],
    }));
    const { document, record } = withSession({ blocks: many });
    expect(checkEdit(boatyard, document, [record])?.sentence).toBe(
      'session 1, block: there are too many; the most is 40.',
    );
    const long = withSession({ name: 'x'.repeat(121) });
    expect(checkEdit(boatyard, long.document, [long.record])?.sentence).toBe(
      'session 1, name is too long; the most is 120 letters.',
    );
    const empty = withSession({ name: ' ' });
    expect(checkEdit(boatyard, empty.document, [empty.record])?.sentence).toBe(
      'session 1, name is empty; write something there.',
    );
  });

  it('refuses what would point at something that is not there', () => {
    const document = { ...boatyard, sessions: [...boatyard.sessions, tuesday!] };
    expect(checkEdit(boatyard, document, [])?.sentence).toContain('the id “tuesday” is taken already');
  });

  it('takes what the reader would put right by itself', () => {
    const document = { ...boatyard, kits: boatyard.kits.slice(1) };
    expect(checkEdit(boatyard, document, [])).toBeUndefined();
  });

  it('does not hold an edit responsible for what was wrong before it', () => {
    const { document: odd } = withSession({ name: 'x'.repeat(121) });
    const { document, record } = withSession({ budgetMinutes: 50 }, odd);
    expect(checkEdit(odd, document, [record])).toBeUndefined();
    const twice = { ...boatyard, kits: [...boatyard.kits, boatyard.kits[0]!] };
    const after = withSession({ name: 'Evening' }, twice);
    expect(checkEdit(twice, after.document, [after.record])).toBeUndefined();
  });
});
