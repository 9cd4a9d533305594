import { TestBed } from '@angular/core/testing';
import { boatyard } from '@dray/demo';
import { MAX_DOCUMENT_BYTES, serializeDocument } from '@dray/core';
import { DocumentRepository } from '../data/document-repository';
import type { DrayDb } from '../data/dray-db';
import { Keeper } from '../state/keeper';
import { BackupFile } from '../ui/backup-file';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { SettingsStore } from './settings-store';

describe('SettingsStore', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  const store = () => TestBed.runInInjectionContext(() => new SettingsStore());
  /** What a backup holds. */
  async function savedText(): Promise<string> {
    await openedDocuments();
    let saved = '';
    spyOn(TestBed.inject(BackupFile), 'save').and.callFake(async (name, text) => {
      saved = text;
      return name;
    });
    await TestBed.inject(Keeper).save();
    return saved;
  }
  const file = (text: string, name = 'class.dray.json') => new File([text], name);

  it('exports what it can take in again', async () => {
    const settings = store();
    await settings.readFile(file(await savedText()));
    expect(settings.incoming()?.document).toEqual(boatyard);
    const changes = settings
      .incoming()
      ?.preview.reduce((sum, one) => sum + one.added + one.changed + one.removed, 0);
    expect(changes).toBe(0);
  });

  it('exports what could not be written, as the notice of it says', async () => {
    const settings = store();
    spyOn(TestBed.inject(DocumentRepository), 'write').and.rejectWith(
      new DOMException('full', 'QuotaExceededError'),
    );
    settings.setTime('sideSeconds', 9);
    await until(() => settings.documents.failure() !== undefined);
    expect(settings.documents.failure()).toContain('export the document');
    expect(JSON.parse(await savedText())).toEqual(
      jasmine.objectContaining({ settings: jasmine.objectContaining({ timing: { sideSeconds: 9 } }) }),
    );
  });

  it('says what was put right in a file while it was read', async () => {
    const settings = store();
    const [program] = boatyard.programs;
    const shuffled = { ...boatyard, programs: [{ ...program!, weeks: program!.weeks.toReversed() }] };
    await settings.readFile(file(serializeDocument(shuffled)));
    expect(settings.incoming()?.mended).toEqual([jasmine.stringContaining('its weeks were put in order')]);
  });

  it('previews what would change, and changes nothing before the word is given', async () => {
    const settings = store();
    const other = {
      ...boatyard,
      participants: boatyard.participants
        .slice(1)
        .map((person, at) => (at === 0 ? { ...person, bodyMassKg: 62 } : person)),
    };
    await settings.readFile(file(serializeDocument(other)));
    const people = settings.incoming()?.preview.find(({ name }) => name === 'people');
    expect(people).toEqual({ name: 'people', added: 0, changed: 1, removed: 1, total: 5 });
    expect(settings.documents.document()?.participants.length).toBe(6);
    await settings.takeIn();
    expect(settings.documents.document()?.participants.length).toBe(5);
    expect(settings.incoming()).toBeUndefined();
  });

  it('refuses a broken file in words, with nothing changed', async () => {
    const settings = store();
    await settings.readFile(file(serializeDocument(boatyard).slice(0, 900)));
    expect(settings.refused()?.problems[0]?.sentence).toContain('cut short');
    expect(settings.incoming()).toBeUndefined();
    expect(settings.documents.document()).toEqual(boatyard);
  });

  it('refuses a file that is too large without reading it', async () => {
    const settings = store();
    const large = file('x');
    const text = spyOn(large, 'text').and.callThrough();
    Object.defineProperty(large, 'size', { value: MAX_DOCUMENT_BYTES + 1 });
    await settings.readFile(large);
    expect(settings.refused()?.problems[0]?.sentence).toContain('300 MB');
    expect(text).not.toHaveBeenCalled();
  });
});
