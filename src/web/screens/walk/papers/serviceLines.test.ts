import { describe, expect, it } from 'vitest';
import { readServiceLines } from './serviceLines';

describe('a service record typed in one field', () => {
  it('is sorted line by line: sure, doubtful, not understood', () => {
    const read = readServiceLines(
      '9.8k 05/2018 stamp main dealer minor service\n\n31 04/2020 stamp oil\nsometime later',
      'mi',
      '2026-03-14',
      false,
    );
    expect(read.sure).toHaveLength(1);
    expect(read.doubtful).toMatchObject([{ line: '31 04/2020 stamp oil' }]);
    expect(read.refused).toMatchObject([{ line: 'sometime later' }]);
  });

  it('takes the rows of a table, with commas, semicolons or tabs between', () => {
    const rows = [
      '31200,17/04/2023,stamp,main dealer,oil',
      '31200;17/04/2023;stamp;main dealer;oil',
      '31200\t17/04/2023\tstamp\tmain dealer\toil',
    ];
    for (const row of rows)
      expect(readServiceLines(row, 'mi', '2026-03-14', false).sure, row).toEqual([
        { day: '2023-04-17', distance: 31_200, proof: 'stamp', who: 'main dealer', works: ['oil'] },
      ]);
  });
});
