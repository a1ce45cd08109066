import { drawFace, drawStick, plan, readJobDocument } from '@zabble/core';
import { newJob } from '../store/job/new-job';
import { besides, drawerLabels, edgeLabels, fit, nearTo, shortened } from './layout';

const reading = readJobDocument(newJob('mm'));
if (!reading.ok) throw new Error('the new job can’t be read');
const bank = plan(reading.job).cases[0]!.banks[0]!;
const face = drawFace(bank);
const marks = drawStick(bank);

describe('the drawing’s layout', () => {
  it.each([
    [540, 700],
    [390, 300],
    [768, 400],
    [1200, 200],
  ])('fits face and stick into %i by %i', (width, height) => {
    const scale = fit(face, { width, height });
    expect(scale.x(face.x)).toBeGreaterThan(scale.stick.right);
    expect(scale.x(face.x + face.width)).toBeLessThanOrEqual(width);
    expect(scale.y(face.y + face.height)).toBeGreaterThanOrEqual(0);
    expect(scale.y(face.y)).toBeLessThan(height);
    expect(scale.y(face.y) - scale.y(face.y + face.height)).toBeCloseTo(face.height * scale.perMm, 6);
  });

  it.each([
    [540, 700],
    [540, 240],
    [1200, 300],
  ])('shows a drawer from near in %i by %i: whole, amidst what is around it, never smaller', (width, height) => {
    const front = face.shapes.find((shape) => shape.role === 'front' && shape.kind === 'box');
    if (front?.kind !== 'box') throw new Error('no front');
    const [far, near] = [face, nearTo(face, front, { width, height })].map((window) => fit(window, { width, height }));
    expect(near!.perMm).toBeGreaterThanOrEqual(far!.perMm - 1e-9);
    const [top, low] = [near!.y(front.y + front.height), near!.y(front.y)];
    expect([top > 0, low < height, near!.x(front.x + front.width) <= width]).toEqual([true, true, true]);
    // As much is seen above it as below, within the room kept for the figures.
    expect(Math.abs(top - 22 - (height - 58 - low))).toBeLessThan(1);
  });

  it('keeps figures apart, however small the drawing', () => {
    for (const height of [700, 260, 150]) {
      const scale = fit(face, { width: 540, height });
      for (const placed of [edgeLabels(marks, scale), drawerLabels(marks, 'd2', scale)]) {
        const labels = placed.map(({ label }) => label);
        labels.slice(1).forEach((label, index) => expect(label - labels[index]!).toBeGreaterThan(7));
      }
      expect(drawerLabels(marks, 'd2', scale)).toHaveLength(5);
    }
  });

  it('leaves out edges that the chosen drawer’s figures would touch', () => {
    const scale = fit(face, { width: 540, height: 400 });
    const [edges, own] = [edgeLabels(marks, scale), drawerLabels(marks, 'd2', scale)];
    const shown = besides(edges, own);
    expect(shown.length).toBeLessThan(edges.length);
    const labels = [...shown, ...own].map(({ label }) => label).sort((a, b) => a - b);
    labels.slice(1).forEach((label, index) => expect(label - labels[index]!).toBeGreaterThan(7));
  });

  it('shortens a name to its room', () => {
    expect(shortened('Slides and hanks', 200)).toBe('Slides and hanks');
    expect(shortened('Slides and hanks', 80)).toBe('Slides an…');
    expect(shortened('Slides and hanks', 20)).toBe('');
  });
});
