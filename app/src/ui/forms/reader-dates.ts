import { InjectionToken, inject, type Provider } from '@angular/core';
import { MAT_DATE_FORMATS, MAT_DATE_LOCALE } from '@angular/material/core';
import { MAT_DATE_FNS_FORMATS, provideDateFnsAdapter } from '@angular/material-date-fns-adapter';
import { enGB } from 'date-fns/locale/en-GB';

/** The languages the reader has chosen, the first one first. */
export const LANGUAGES = new InjectionToken<readonly string[]>('the reader’s languages', {
  providedIn: 'root',
  factory: () => navigator.languages,
});

/** How a reader writes days and times: `dd/MM/yyyy`, and weeks that begin on Monday, for one in Britain. */
export interface DateWays {
  readonly day: string;
  readonly time: string;
  /** 0 is Sunday. */
  readonly weekStartsOn: 0 | 1 | 2 | 3 | 4 | 5 | 6;
}

const SAMPLE = new Date(2026, 10, 24, 18, 30);
const LETTERS: Partial<Record<Intl.DateTimeFormatPartTypes, string>> = {
  day: 'dd',
  month: 'MM',
  year: 'yyyy',
};

/** The order and the signs of a day as a place writes it, by what the browser knows of that place. */
export function dateWaysOf(languages: readonly string[]): DateWays {
  const format = new Intl.DateTimeFormat([...languages], {
    day: '2-digit',
    month: '2-digit',
    year: 'numeric',
  });
  const day = format
    .formatToParts(SAMPLE)
    .map(({ type, value }) => LETTERS[type] ?? `'${value}'`)
    .join('');
  const clock = new Intl.DateTimeFormat([...languages], { hour: 'numeric' }).resolvedOptions();
  return { day, time: clock.hour12 ? 'h:mm a' : 'HH:mm', weekStartsOn: firstDayOf(languages[0] ?? 'en-GB') };
}

/** Not every browser has it yet, and some have it as a property. */
interface WeekInfo {
  getWeekInfo?(): { readonly firstDay: number };
  readonly weekInfo?: { readonly firstDay: number };
}

function firstDayOf(language: string): DateWays['weekStartsOn'] {
  const locale = new Intl.Locale(language) as Intl.Locale & WeekInfo;
  const { firstDay } = locale.getWeekInfo?.() ?? locale.weekInfo ?? { firstDay: 1 };
  return (firstDay % 7) as DateWays['weekStartsOn'];
}

/** Days and times as the reader writes them, for a field that asks for one. */
export function provideReaderDates(): Provider[] {
  return [
    ...provideDateFnsAdapter(),
    {
      provide: MAT_DATE_FORMATS,
      useFactory: () => {
        const { day, time } = dateWaysOf(inject(LANGUAGES));
        const { parse, display } = MAT_DATE_FNS_FORMATS;
        return {
          parse: { ...parse, dateInput: [day, 'd/M/yyyy', 'yyyy-MM-dd'], timeInput: [time, 'HH:mm'] },
          display: { ...display, dateInput: day, timeInput: time, timeOptionLabel: time },
        };
      },
    },
    {
      provide: MAT_DATE_LOCALE,
      useFactory: () => ({
        ...enGB,
        options: { ...enGB.options, weekStartsOn: dateWaysOf(inject(LANGUAGES)).weekStartsOn },
      }),
    },
  ];
}
