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

/** What every control of Dray has in common, beside the theme. */
export function provideInterface() {
  return [{ provide: MAT_FORM_FIELD_DEFAULT_OPTIONS, useValue: FIELDS }, provideIcons()];
}
