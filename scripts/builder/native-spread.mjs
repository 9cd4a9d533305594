/** What `scripts/builder` builds on. */
export const ANGULARS = '@angular/build:application';

/** Leaves the language's own spread of objects as it is. */
export const nativeSpread = {
  name: 'native-spread',
  setup({ initialOptions }) {
    initialOptions.supported = { ...initialOptions.supported, 'object-rest-spread': true };
  },
};
