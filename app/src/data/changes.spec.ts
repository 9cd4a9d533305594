import { boatyard } from '@dray/demo';
import type { DrayDocument } from '@dray/core';
import { applyChanges, changesBetween, reversed } from './changes';
import { reconcile } from './reconcile';

const renamed: DrayDocument = {
  ...boatyard,
  sessions: boatyard.sessions.map((session, at) => (at === 0 ? { ...session, name: 'Renamed' } : session)),
};
const shuffled: DrayDocument = {
  ...boatyard,
  settings: { unit: 'lb' },
  participants: [...boatyard.participants].reverse().slice(1),
  kits: [{ ...boatyard.kits[0]!, id: 'new' }, ...boatyard.kits],
};

describe('changes between documents', () => {
  it('name only the records that differ', () => {
    expect(changesBetween(boatyard, renamed).map(({ list, id }) => [list, id])).toEqual([
      ['sessions', 'tuesday'],
    ]);
    expect(changesBetween(boatyard, boatyard)).toEqual([]);
  });

  it('lead from one document to the other and back', () => {
    for (const other of [renamed, shuffled]) {
      const changes = changesBetween(boatyard, other);
      expect(applyChanges(boatyard, changes)).toEqual({ document: other, clash: false });
      expect(applyChanges(other, reversed(changes))).toEqual({ document: boatyard, clash: false });
    }
  });

  it('leave alone what another tab changed in between', () => {
    const undo = reversed(changesBetween(boatyard, renamed));
    const elsewhere = { ...renamed, settings: { unit: 'lb' as const } };
    const { document: undone } = applyChanges(elsewhere, undo);
    expect(undone.settings.unit).toBe('lb');
    expect(undone.sessions[0]?.name).toBe(boatyard.sessions[0]?.name);
  });
});

describe('reconcile', () => {
  it('keeps the records that say the same, so that nothing is worked out twice', () => {
    const read = structuredClone(renamed);
    const result = reconcile(boatyard, read);
    expect(result).toEqual(renamed);
    expect(result.participants).toBe(boatyard.participants);
    expect(result.sessions[1]).toBe(boatyard.sessions[1]);
    expect(result.sessions[0]).not.toBe(boatyard.sessions[0]);
  });
});
