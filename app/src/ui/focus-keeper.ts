import { afterEveryRender, DestroyRef, DOCUMENT, inject, Injectable, Injector } from '@angular/core';

const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex]:not([tabindex="-1"])';

/** A step on the way from what had the focus up to the page: which child of which parent. */
interface Step {
  readonly parent: Element;
  readonly at: number;
}

/**
 * Whoever works by keys never falls back to the top of the page: when what had the focus is gone, or can no longer have it, the
 * focus goes to what stands in its place, or before it. Source: WCAG 2.2, 2.4.3.
 */
@Injectable({ providedIn: 'root' })
export class FocusKeeper {
  private readonly page = inject(DOCUMENT);
  private readonly destroyed = inject(DestroyRef);
  private readonly injector = inject(Injector);
  private last: Element | undefined;
  private way: readonly Step[] = [];

  watch(): void {
    const remember = ({ target }: FocusEvent) => {
      // Menus and dialogs give the focus back themselves; what counts is where they were opened.
      if (!(target instanceof Element) || target.closest('.cdk-overlay-container')) return;
      this.last = target;
      this.way = wayTo(target);
    };
    this.page.addEventListener('focusin', remember);
    this.destroyed.onDestroy(() => this.page.removeEventListener('focusin', remember));
    afterEveryRender({ read: () => this.look() }, { injector: this.injector });
  }

  private look(): void {
    const { activeElement, body } = this.page;
    if ((activeElement && activeElement !== body) || !this.last) return;
    // A click beside everything takes the focus away, and was meant to.
    if (this.last.isConnected && !this.last.matches(':disabled')) return;
    for (const { parent, at } of this.way) {
      const next = parent.isConnected && inPlace(parent, at);
      if (!next) continue;
      next.focus();
      return;
    }
  }
}

function wayTo(element: Element): Step[] {
  const way: Step[] = [];
  for (let own = element; own.parentElement; own = own.parentElement) {
    way.push({ parent: own.parentElement, at: [...own.parentElement.children].indexOf(own) });
  }
  return way;
}

/** What can have the focus at a place among the children of a parent, or behind it, else before it. */
function inPlace(parent: Element, at: number): HTMLElement | undefined {
  const children = [...parent.children];
  const inOrder = [...children.slice(at), ...children.slice(0, at).reverse()];
  for (const child of inOrder) {
    const able = [child, ...child.querySelectorAll(FOCUSABLE)].find(
      (one): one is HTMLElement =>
        one instanceof HTMLElement && one.matches(FOCUSABLE) && one.checkVisibility(),
    );
    if (able) return able;
  }
  return undefined;
}
