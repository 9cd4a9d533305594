/// <reference lib="webworker" />
import type { Kit, KitNeed } from '@dray/core';
import { bestAddition } from '@dray/core/late';
import { replyWith } from './reply';

/** Off the page's thread: tries every thing on the list in the kit. */
replyWith(({ kit, needs }: { kit: Kit; needs: readonly KitNeed[] }) => bestAddition(kit, needs));
