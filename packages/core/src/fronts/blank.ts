import type { Band, Edge } from '../job';
import { minusTimes, plus, tally, type Source, type Tally, ofField, ofDimension } from '../length';

/** A front before its edges are banded: finished size − band thickness per banded edge. */
export function blankOf(band: Band, width: Tally, height: Tally, drawer: string, frontPath: string) {
  const from: Source = ofField(`${frontPath}.band.thickness`);
  const of = (dimension: string): Source => ofDimension(dimension, drawer);
  const edges = (...some: Edge[]) => minusTimes('edge-band', bandedEdges(band, some), band.thickness, from);
  return {
    length: tally(plus('width-front', width.total, of('front.width')), edges('left', 'right')),
    width: tally(plus('height-front', height.total, of('front.height')), edges('top', 'bottom')),
  };
}

/** How many of these edges are banded. */
export function bandedEdges(band: Band | undefined, edges: readonly Edge[]): number {
  return band ? edges.filter((edge) => band.edges.includes(edge)).length : 0;
}
