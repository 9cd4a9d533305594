import { inject, provideEnvironmentInitializer } from '@angular/core';
import { MatIconRegistry } from '@angular/material/icon';
import { DomSanitizer } from '@angular/platform-browser';
import {
  mdiAlertOutline,
  mdiArrowDown,
  mdiArrowExpandHorizontal,
  mdiArrowRight,
  mdiArrowUp,
  mdiCheck,
  mdiCheckboxBlankOutline,
  mdiChevronDown,
  mdiChevronLeft,
  mdiChevronRight,
  mdiCircle,
  mdiCircleOutline,
  mdiClose,
  mdiCogOutline,
  mdiContentCopy,
  mdiDeleteOutline,
  mdiDockRight,
  mdiDotsVertical,
  mdiDownload,
  mdiDragVertical,
  mdiHomeOutline,
  mdiKeyboardOutline,
  mdiMagnify,
  mdiMenu,
  mdiNotEqualVariant,
  mdiPlus,
  mdiPrinterOutline,
  mdiRedoVariant,
  mdiSquare,
  mdiUndoVariant,
  mdiUpload,
} from '@mdi/js';

/** Every icon of the interface by the name templates use. Drawings of kit, figures and time are not icons. */
export const ICONS = {
  add: mdiPlus,
  back: mdiChevronLeft,
  beside: mdiDockRight,
  changed: mdiNotEqualVariant,
  check: mdiCheck,
  close: mdiClose,
  copy: mdiContentCopy,
  delete: mdiDeleteOutline,
  down: mdiArrowDown,
  download: mdiDownload,
  drag: mdiDragVertical,
  forward: mdiChevronRight,
  full: mdiCircle,
  hollow: mdiCheckboxBlankOutline,
  home: mdiHomeOutline,
  keys: mdiKeyboardOutline,
  menu: mdiMenu,
  more: mdiDotsVertical,
  open: mdiChevronDown,
  over: mdiArrowExpandHorizontal,
  print: mdiPrinterOutline,
  redo: mdiRedoVariant,
  ring: mdiCircleOutline,
  search: mdiMagnify,
  settings: mdiCogOutline,
  square: mdiSquare,
  then: mdiArrowRight,
  undo: mdiUndoVariant,
  up: mdiArrowUp,
  upload: mdiUpload,
  warning: mdiAlertOutline,
} as const;

/** Puts the icons into Material's registry, from the package: nothing is fetched. */
export function provideIcons() {
  return provideEnvironmentInitializer(() => {
    const registry = inject(MatIconRegistry);
    const sanitizer = inject(DomSanitizer);
    for (const [name, path] of Object.entries(ICONS)) {
      const drawing = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24"><path d="${path}"/></svg>`;
      registry.addSvgIconLiteral(name, sanitizer.bypassSecurityTrustHtml(drawing));
    }
  });
}
