import { DOCUMENT, inject, Injectable } from '@angular/core';
import { Device } from '../data/device';
import { download } from './download';

/** What a browser with access to files has, as far as it is used here. */
interface FileHandle {
  readonly name: string;
  queryPermission(wanted: { mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission(wanted: { mode: 'readwrite' }): Promise<PermissionState>;
  createWritable(): Promise<{ write(text: string): Promise<void>; close(): Promise<void> }>;
}
interface FilePicker {
  showSaveFilePicker?: (options: {
    suggestedName: string;
    types: { description: string; accept: Record<string, string[]> }[];
  }) => Promise<FileHandle>;
}

const PLACE = 'backup file';

/** Where backups go: into the file they went into before, into one the coach chooses, or among the downloads. */
@Injectable({ providedIn: 'root' })
export class BackupFile {
  private readonly page = inject(DOCUMENT);
  private readonly device = inject(Device);

  /** @returns the name it was saved under, or nothing where the coach thought better of it */
  async save(name: string, text: string): Promise<string | undefined> {
    const picker = this.page.defaultView as FilePicker | null;
    if (!picker?.showSaveFilePicker) {
      download(this.page, name, text, 'application/json');
      return name;
    }
    try {
      const place = (await this.known()) ?? (await this.choose(picker.showSaveFilePicker.bind(picker), name));
      const file = await place.createWritable();
      await file.write(text);
      await file.close();
      await this.device.set(PLACE, place).catch(() => undefined);
      return place.name;
    } catch (error) {
      if (error instanceof DOMException && error.name === 'AbortError') return undefined;
      // The place is gone, or may not be written to: a download always can.
      await this.device.set(PLACE, undefined).catch(() => undefined);
      download(this.page, name, text, 'application/json');
      return name;
    }
  }

  private async known(): Promise<FileHandle | undefined> {
    const place = await this.device.get<FileHandle>(PLACE).catch(() => undefined);
    if (!place) return undefined;
    const may = { mode: 'readwrite' } as const;
    const granted =
      (await place.queryPermission(may)) === 'granted' || (await place.requestPermission(may)) === 'granted';
    return granted ? place : undefined;
  }

  private choose(pick: NonNullable<FilePicker['showSaveFilePicker']>, name: string): Promise<FileHandle> {
    return pick({
      suggestedName: name,
      types: [{ description: $localize`Dray document`, accept: { 'application/json': ['.json'] } }],
    });
  }
}
