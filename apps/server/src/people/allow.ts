import { OWN_HEADER } from '@zabble/contract';
import { said } from '@zabble/core';
import type { RequestHandler } from 'express';
import { refuse } from '../http/refusal';
import { asking } from '../whose/decide';
import { mayDo } from '../whose/rights';

const LOOKING = /^(?:GET|HEAD|OPTIONS)$/;
const ID = /^[0-9a-f-]{36}$/i;

/**
 * Lets through what who asks may do; 403 otherwise, before anything is read. A change that a page made for another shop
 * than the one its session looks at by now (409) is not done to that one.
 */
export const allow: RequestHandler = (request, response, next) => {
  const { role, shop } = asking(response);
  if (!mayDo(role, request.method, pathOf(request.originalUrl))) throw refuse(403, said('not-your-role'));
  const page = request.get(OWN_HEADER) ?? '';
  if (!LOOKING.test(request.method) && ID.test(page) && page !== shop) throw refuse(409, said('another-shop'));
  next();
};

/** What comes after /api, without a query. */
export const pathOf = (address: string): string => address.slice('/api'.length).split('?')[0] ?? '';
