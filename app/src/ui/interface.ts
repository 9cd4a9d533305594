import { MAT_RIPPLE_GLOBAL_OPTIONS, type RippleGlobalOptions } from '@angular/material/core';
import {
  MAT_FORM_FIELD_DEFAULT_OPTIONS,
  type MatFormFieldDefaultOptions,
} from '@angular/material/form-field';
import { provideIcons } from './icons';

const FIELDS: MatFormFieldDefaultOptions = {
  appearance: 'fill',
  floatLabel: 'always',
  subscriptSizing: 'dynamic',
};

/** What is pressed changes its ground at once; nothing spreads over it. */
const RIPPLES: RippleGlobalOptions = { disabled: true };

/** What every control of Dray has in common, beside the theme. */
export function provideInterface() {
  return [
    { provide: MAT_FORM_FIELD_DEFAULT_OPTIONS, useValue: FIELDS },
    { provide: MAT_RIPPLE_GLOBAL_OPTIONS, useValue: RIPPLES },
    provideIcons(),
  ];
}
