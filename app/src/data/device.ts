import { inject, Injectable } from '@angular/core';
import { DRAY_DB } from './document-repository';

/** Small things kept on this device: the theme, the last view, text that cannot be read yet. */
@Injectable({ providedIn: 'root' })
export class Device {
  private readonly db = inject(DRAY_DB);
  private readonly typing = new Map<string, string>();

  async get<Value>(id: string): Promise<Value | undefined> {
    return (await this.db.device.get(id))?.value as Value | undefined;
  }

  async set(id: string, value: unknown): Promise<void> {
    await this.db.device.put({ id, value });
  }

  /** Every draft by its field. */
  async drafts(): Promise<Record<string, string>> {
    return Object.fromEntries((await this.db.drafts.toArray()).map(({ id, text }) => [id, text]));
  }

  async keepDraft(id: string, text: string): Promise<void> {
    this.typing.set(id, text);
    await this.db.drafts.put({ id, text });
    if (this.typing.get(id) === text) this.typing.delete(id);
  }

  async dropDraft(id: string): Promise<void> {
    this.typing.delete(id);
    await this.db.drafts.delete(id);
  }

  /** Drafts that are not on the disk yet, by their field. */
  unwrittenDrafts(): Record<string, string> {
    return Object.fromEntries(this.typing);
  }
}
