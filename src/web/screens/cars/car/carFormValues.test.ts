import { describe, expect, it } from 'vitest';
import { carSchema } from '#core/car';
import { details } from '../../../../../tests/builders/car';
import { CAR } from '../../../../../tests/builders/entries';
import { type CarFormValues, emptyForm, formOf, readForm } from './carFormValues';

const filled: CarFormValues = {
  ...emptyForm,
  stockNumber: 'T-1',
  make: 'Fenlark',
  model: 'Tessel',
  year: '2017',
  colour: 'Blue',
};
const fieldsWrong = (values: CarFormValues) => {
  const reading = readForm(values);
  return reading.ok ? [] : reading.errors.map((error) => error.field);
};

describe('reading the car form', () => {
  it('takes a filled one, and trims what was typed', () => {
    const reading = readForm({ ...filled, make: '  Fenlark ', identityNumber: ' 1m8gd-m9axk p042788' });
    expect(reading.ok && reading.details).toMatchObject({
      make: 'Fenlark',
      year: 2017,
      identityNumber: '1M8GDM9AXKP042788',
    });
  });

  it('names every field that lacks something', () => {
    expect(fieldsWrong(emptyForm).toSorted()).toEqual(['colour', 'make', 'model', 'stockNumber', 'year']);
  });

  it.each(['17', 'next', '20177', '2017.5', ''])(
    'asks for the year as four figures instead of “%s”',
    (year) => {
      const reading = readForm({ ...filled, year });
      expect(!reading.ok && reading.errors).toEqual([
        { field: 'year', message: 'Type the year as four figures, like 2018.' },
      ]);
    },
  );

  it('wants all 17 characters, but not of a car older than the number', () => {
    expect(fieldsWrong({ ...filled, identityNumber: '1M8GDM' })).toEqual(['identityNumber']);
    expect(fieldsWrong({ ...filled, identityNumber: '1M8GDM', year: '1969' })).toEqual([]);
    expect(fieldsWrong({ ...filled, identityNumber: 'OOPS' })).toEqual(['identityNumber']);
  });

  it('lets a person vouch for a number whose digit disagrees where it binds', () => {
    const american: CarFormValues = {
      ...filled,
      country: 'US',
      steering: 'left',
      identityNumber: '1M8GDM9A1KP042788',
    };
    expect(fieldsWrong(american)).toEqual(['identityNumber']);
    expect(fieldsWrong({ ...american, identityAsRead: true })).toEqual([]);
  });

  it('gives a car back as it was', () => {
    const stamp = '2026-03-01T00:00:00.000Z';
    const car = carSchema.parse({ ...details, id: CAR, createdAt: stamp, updatedAt: stamp });
    const reading = readForm(formOf(car));
    const { id: _id, createdAt: _created, updatedAt: _updated, ...same } = car;
    expect(reading.ok && reading.details).toEqual(same);
  });
});
