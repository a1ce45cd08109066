import { answered, atLevelOf, nextPlace, PLACE_QUESTIONS } from './reading-places';

const [level, edge] = PLACE_QUESTIONS.width;

describe('where a reading was taken', () => {
  it('is a length alone until somebody says where, and again when it is taken back', () => {
    const at = answered('24 in', level, 'top');
    expect(at).toEqual({ length: '24 in', place: ['top'] });
    expect(answered(at, edge, 'back')).toEqual({ length: '24 in', place: ['top', 'back'] });
    expect(answered(at, level, 'bottom')).toEqual({ length: '24 in', place: ['bottom'] });
    expect(answered(at, level, '')).toBe('24 in');
  });

  it('is at a drawer’s level or at the top, not both', () => {
    const at = atLevelOf({ length: '24 in', place: ['top', 'front'] }, 'd2');
    expect(at).toEqual({ length: '24 in', place: ['front'], drawer: 'd2' });
    expect(answered(at, edge, 'back')).toEqual({ length: '24 in', place: ['back'], drawer: 'd2' });
    expect(answered(at, level, 'middle')).toEqual({ length: '24 in', place: ['middle', 'front'] });
  });

  it('is asked for in the order a tape goes, until all of it is read', () => {
    expect(nextPlace('width', [])).toEqual(['top', 'front']);
    expect(nextPlace('width', ['24 in'])).toEqual(['top', 'front']);
    const read = [
      { length: '1 in', place: ['front', 'top'] as const },
      { length: '1 in', place: ['middle', 'front'] as const },
    ];
    expect(nextPlace('width', read)).toEqual(['bottom', 'front']);
    expect(nextPlace('height', read)).toEqual(['left', 'front']);
    const every = PLACE_QUESTIONS.depth[0].answers.flatMap((a) =>
      PLACE_QUESTIONS.depth[1].answers.map((b) => ({ length: '1 in', place: [a, b] })),
    );
    expect(nextPlace('depth', every)).toEqual([]);
  });
});
