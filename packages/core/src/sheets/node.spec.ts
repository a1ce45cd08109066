import { cutNode, panelOf, restsOf, settingsOf, type Node } from './node';

/** 100 × 60 with a blade of 3, each size a kerf more than the wood has: two strips of 20, the first of them parted at 30. */
function sheet(): Node {
  const whole: Node = { long: 103, wide: 63, stage: 0, last: undefined };
  const [strip, left] = cutNode(whole, 'rip', 23);
  const [second] = cutNode(left, 'rip', 23);
  const [piece] = cutNode(strip, 'cross', 33);
  piece.piece = { id: 'a', turned: false };
  second.piece = { id: 'b', turned: false };
  return whole;
}

describe('a panel that is cut up', () => {
  it('is a stage further where the direction changes, and only there', () => {
    const { cut } = sheet();
    expect([cut?.first, cut?.second.cut?.first, cut?.first.cut?.first].map((node) => node?.stage)).toEqual([1, 1, 2]);
    expect([cut?.first.cut?.second.long, cut?.second.cut?.second.wide]).toEqual([70, 17]);
  });

  it('has the saw set to each distance once, each way apart', () => {
    expect([...settingsOf([sheet(), sheet()])].sort()).toEqual(['cross 33', 'rip 23']);
    const square: Node = { long: 23, wide: 23, stage: 0, last: undefined };
    cutNode(square, 'cross', 23);
    expect([...settingsOf([sheet(), square])].sort()).toEqual(['cross 23', 'cross 33', 'rip 23']);
    expect(settingsOf([{ ...square, cut: undefined } as unknown as Node]).size).toBe(0);
  });

  it('leaves what no piece is in', () => {
    expect(restsOf(sheet())).toEqual([70 * 23, 103 * 17]);
  });

  it('tells cuts of one direction together, by what the wood has, without what the blade took whole', () => {
    expect(panelOf(sheet(), 3)).toEqual({
      ...{ kind: 'cuts', direction: 'rip' },
      children: [
        {
          size: 20,
          panel: {
            ...{ kind: 'cuts', direction: 'cross' },
            children: [
              { size: 30, panel: { kind: 'part', piece: 'a', turned: false } },
              { size: 67, panel: { kind: 'rest' } },
            ],
          },
        },
        { size: 20, panel: { kind: 'part', piece: 'b', turned: false } },
        { size: 14, panel: { kind: 'rest' } },
      ],
    });
    const whole: Node = { long: 33, wide: 23, stage: 0, last: undefined };
    const [piece] = cutNode(whole, 'cross', 30);
    piece.piece = { id: 'a', turned: true };
    expect(panelOf(whole, 3)).toMatchObject({ children: [{ size: 27 }] });
  });

  it('of several glued to one is turned with it: its cuts go the other way, and its parts lie so', () => {
    const made = panelOf(sheet(), 3);
    const whole: Node = { long: 63, wide: 103, stage: 0, last: undefined };
    whole.piece = { id: 'blank', turned: true, ...(made.kind === 'cuts' ? { made } : {}) };
    const panel = panelOf(whole, 3);
    expect(panel).toMatchObject({
      direction: 'cross',
      children: [
        {
          size: 20,
          panel: { direction: 'rip', children: [{ panel: { piece: 'a', turned: true } }, { panel: { kind: 'rest' } }] },
        },
        { panel: { piece: 'b', turned: true } },
        { panel: { kind: 'rest' } },
      ],
    });
    whole.piece = { ...whole.piece, turned: false };
    expect(panelOf(whole, 3)).toEqual(made);
  });
});
