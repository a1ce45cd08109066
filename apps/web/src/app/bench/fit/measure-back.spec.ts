import { MeasureBack } from './measure-back';
import { onTheBench } from './on-the-bench.spec-data';

describe('measuring back', () => {
  async function measuring() {
    const bench = await onTheBench(MeasureBack);
    const write = async (text: string): Promise<void> => {
      const input = bench.element.querySelector<HTMLInputElement>('input')!;
      input.value = text;
      input.dispatchEvent(new Event('input'));
      await bench.press('Keep');
    };
    return { ...bench, write };
  }

  it('keeps a typed size against what the plan said, and goes on to the next place', async () => {
    const { write, entries, text } = await measuring();
    await write('598');
    expect(entries()).toMatchObject([
      {
        kind: 'reading',
        what: 'width',
        bank: 'c1/b1',
        drawer: 'd1',
        place: 'front',
        length: '598 mm',
        against: '600 mm',
        device: 'typed',
      },
    ]);
    expect(text()).toContain('Drawer 1, back the plan has 598');
    expect(text()).toContain('2.0 mm under');
  });

  it('says what can’t be read, and keeps nothing', async () => {
    const { write, entries, element } = await measuring();
    await write('about 600');
    expect(entries()).toEqual([]);
    expect(element.querySelector('[role=alert]')!.textContent).toContain('about 600');
    expect(element.querySelector('input')!.value).toBe('about 600');
  });

  it('says of a made box whether it goes in, and what to do', async () => {
    const { press, write, text } = await measuring();
    await press('Box as made');
    await write('575.6');
    expect(text()).toContain('Drawer 1too wide by 1.0 mm: make it again');
    await write('573.6');
    await press(/^Drawer 1, front$/);
    await write('574');
    await press(/^Drawer 1, back$/);
    await write('572');
    expect(text()).toMatch(/Drawer 1\s*fits, 0\.60 mm narrower/);
    expect(text()).toContain('2 readings');
  });

  it('tells a made box that is a hair over as wider, by how much', async () => {
    const { press, write, text } = await measuring();
    await press('Box as made');
    await write('574.74');
    expect(text()).toMatch(/Drawer 1\s*fits, 0\.14 mm wider/);
  });

  it('measures a material, whose place it is', async () => {
    const { press, write, entries } = await measuring();
    await press('Thickness');
    await write('11.6');
    expect(entries()).toMatchObject([{ what: 'thickness', material: 'box', length: '11.6 mm', against: '11.8 mm' }]);
    expect(entries()[0]).not.toHaveProperty('drawer');
  });
});
