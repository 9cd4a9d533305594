import { boatyard } from '@dray/demo';
import { boatyardInWeekFive } from '@dray/demo/week-five';
import { classDays, createResolver, programOf, withoutSessionFrom } from './index';
import { programAgain } from './edit-program';
import { parseDocument, serializeDocument } from '../formats';
import { reviewClass } from '../review';
import type { DrayDocument } from '../model';

const put = (document: DrayDocument, list: 'participants' | 'kits' | 'programs', id: string) => ({
  ...document,
  [list]: document[list].map((one) => (one.id === id ? { ...one, archived: true as const } : one)),
});

describe('what is archived', () => {
  const query = { sessionId: 'tuesday', week: 5 };

  it('is off the board and out of the review, and the rest stays as it was', () => {
    const resolver = createResolver();
    const without = put(boatyardInWeekFive, 'participants', 'wendel');
    const names = resolver.board(without, query).rows.map(({ participant }) => participant.name);
    expect(names).toEqual(['Bram', 'Odile', 'Tamsin', 'Anselm', 'Juno']);
    const before = resolver.board(boatyardInWeekFive, query).rows;
    for (const row of resolver.board(without, query).rows) {
      expect(row.cells).toEqual(
        before.find(({ participant }) => participant.id === row.participant.id)!.cells,
      );
    }
    const week4 = { sessionId: 'tuesday', week: 4 };
    expect(
      reviewClass(boatyardInWeekFive, week4).some(({ participantId }) => participantId === 'wendel'),
    ).toBeTrue();
    expect(reviewClass(without, week4).some(({ participantId }) => participantId === 'wendel')).toBeFalse();
  });

  it('gives nobody a load, where it is a kit', () => {
    const without = put(boatyard, 'kits', 'kit-tamsin');
    const { rows } = createResolver().board(without, { sessionId: 'tuesday', week: 1 });
    const tamsin = rows.find(({ participant }) => participant.id === 'tamsin')!;
    expect(tamsin.cells.some((cell) => cell.status === 'ready' && cell.load?.recipe)).toBeFalse();
  });

  it('is no program of a session that stands in another', () => {
    const [program] = boatyard.programs;
    const other = { ...program!, id: 'next' };
    const both = { ...boatyard, programs: [program!, other] };
    expect(programOf(both, 'tuesday')?.id).toBe(program!.id);
    expect(programOf(put(both, 'programs', program!.id), 'tuesday')?.id).toBe('next');
  });

  it('travels in a file', () => {
    const parsed = parseDocument(serializeDocument(put(boatyard, 'participants', 'wendel')));
    expect(parsed.ok && parsed.document.participants.find(({ id }) => id === 'wendel')?.archived).toBeTrue();
  });
});

describe('withoutSessionFrom', () => {
  it('keeps what was held and takes the days to come', () => {
    const [program] = boatyard.programs;
    const days = classDays(program!).filter(({ sessionId }) => sessionId === 'friday');
    const from = days[3]!.date;
    const left = classDays(withoutSessionFrom(program!, 'friday', from));
    expect(left.filter(({ sessionId }) => sessionId === 'friday').map(({ date }) => date)).toEqual(
      days.slice(0, 3).map(({ date }) => date),
    );
    const tuesdays = ({ sessionId }: { sessionId: string }) => sessionId === 'tuesday';
    expect(left.filter(tuesdays)).toEqual(classDays(program!).filter(tuesdays));
    expect(withoutSessionFrom(program!, 'nowhere', from)).toBe(program!);
  });
});

describe('programAgain', () => {
  it('has sessions of its own, so that no class of it is one of the old', () => {
    let made = 0;
    const [old] = boatyard.programs;
    const { program, sessions } = programAgain(boatyard, old!, {
      id: 'spring',
      name: 'Spring',
      startDate: '2027-03-01',
      nameOf: (name) => `${name}, again`,
      newId: () => `new-${(made += 1)}`,
    });
    const ids = new Set(sessions.map(({ id }) => id));
    expect(sessions.map(({ name }) => name)).toEqual([
      'Tuesday, whole body, again',
      'Friday, short and heavy, again',
    ]);
    expect(program.weeks.flatMap(({ days }) => days).every(({ sessionId }) => ids.has(sessionId))).toBeTrue();
    expect(program.weeks.map(({ days }) => days.map(({ weekday }) => weekday))).toEqual(
      old!.weeks.map(({ days }) => days.map(({ weekday }) => weekday)),
    );
    const both = {
      ...boatyard,
      sessions: [...boatyard.sessions, ...sessions],
      programs: [...boatyard.programs, program],
    };
    expect(parseDocument(serializeDocument(both)).ok).toBeTrue();
    expect(programOf(both, sessions[0]!.id)?.id).toBe('spring');
    expect(programOf(both, 'tuesday')?.id).toBe(old!.id);
  });
});
