import { readMoment } from '@zabble/core';
import { ValidateBy } from 'class-validator';

const isText = (value: unknown): value is string => typeof value === 'string';

/** A day a calendar has, as `2026-12-24`. */
export const IsDay = () =>
  ValidateBy({
    name: 'isDay',
    validator: { validate: (value) => isText(value) && readMoment(`${value}T00:00`) !== undefined },
  });

/** A minute of such a day, as `2026-12-24T08:15`. */
export const IsMoment = () =>
  ValidateBy({
    name: 'isMoment',
    validator: { validate: (value) => isText(value) && readMoment(value) !== undefined },
  });
