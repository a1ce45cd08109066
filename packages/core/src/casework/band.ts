import type { CaseBandOf, MemberEdge } from '../job';
import { minusTimes, tally, type Length, type Tally } from '../length';
import type { Member } from './member';
import { MEMBERS } from './roles';

/** Uprights have their long edges in front and behind; everything that lies has them there too, but runs across. */
const ALONG: readonly MemberEdge[] = ['front', 'back'];

/** The member with its size before edging: its finished size less the band on every edge that has one. */
export function banded(member: Member, band: CaseBandOf<Length> | undefined): Member {
  const edges = band?.members[MEMBERS[member.role].written] ?? [];
  if (!band || edges.length === 0) return member;
  const along = edges.filter((edge) => ALONG.includes(edge)).length;
  const less = (size: Tally, times: number): Tally =>
    times > 0 ? tally(...size.terms, minusTimes('edge-band', times, band.thickness)) : size;
  return {
    ...member,
    blank: { length: less(member.length, edges.length - along), width: less(member.width, along) },
  };
}
