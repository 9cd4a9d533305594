import { ComponentHarness, HarnessPredicate } from '@angular/cdk/testing';
import { MatFormFieldHarness } from '@angular/material/form-field/testing';
import { MatInputHarness } from '@angular/material/input/testing';
import { MatSelectHarness } from '@angular/material/select/testing';

/** A field to type in, used as a reader does: by its label. */
export class FieldHarness extends ComponentHarness {
  static readonly hostSelector = 'dray-number, dray-text, dray-mass';
  private readonly formField = this.locatorFor(MatFormFieldHarness);
  private readonly input = this.locatorFor(MatInputHarness);

  /** By the label above it, or by what is read out of it. */
  static with({ named }: { readonly named: string }): HarnessPredicate<FieldHarness> {
    return new HarnessPredicate(FieldHarness, {}).addOption('named', named, async (field, name) =>
      (await field.names()).includes(name),
    );
  }

  private async names(): Promise<(string | null)[]> {
    const host = await (await this.input()).host();
    return [await (await this.formField()).getLabel(), await host.getAttribute('aria-label')];
  }

  /** Types and leaves the field. */
  async write(text: string): Promise<void> {
    await (await this.input()).setValue(text);
    await (await this.input()).blur();
  }

  /** Ends the edit where one is, and stays in the field. */
  async enter(): Promise<void> {
    await (await (await this.input()).host()).dispatchEvent('change');
  }

  async leave(): Promise<void> {
    await (await this.input()).blur();
  }

  /** Types without ending the edit: neither Enter nor leaving. */
  async begin(text: string): Promise<void> {
    const host = await (await this.input()).host();
    await host.clear();
    await host.sendKeys(text);
  }

  async text(): Promise<string> {
    return (await this.input()).getValue();
  }

  /** What it says is wrong. */
  async problem(): Promise<string> {
    return (await (await this.formField()).getTextErrors()).join(' ');
  }
}

/** A list that opens, by its label. */
export class ChoiceHarness extends ComponentHarness {
  static readonly hostSelector = 'dray-choice';
  private readonly formField = this.locatorFor(MatFormFieldHarness);
  private readonly select = this.locatorFor(MatSelectHarness);

  static with({ named }: { readonly named: string }): HarnessPredicate<ChoiceHarness> {
    return new HarnessPredicate(ChoiceHarness, {}).addOption('named', named, async (choice, name) => {
      const host = await (await choice.select()).host();
      const label = await (await choice.formField()).getLabel();
      return label === name || (await host.getAttribute('aria-label')) === name;
    });
  }

  async choose(words: string): Promise<void> {
    const select = await this.select();
    await select.open();
    await select.clickOptions({ text: words });
  }

  /** Everything that can be chosen. */
  async all(): Promise<string[]> {
    const select = await this.select();
    await select.open();
    const options = await Promise.all((await select.getOptions()).map((option) => option.getText()));
    await select.close();
    return options;
  }

  async shown(): Promise<string> {
    return (await this.select()).getValueText();
  }
}
