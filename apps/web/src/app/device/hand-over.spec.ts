import { DOCUMENT } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { handOver } from './hand-over';

describe('a file that is handed over', () => {
  it('is a download of its name, let go of once a browser that asks where to put it has read it', () => {
    jest.useFakeTimers();
    const [made, gone] = [jest.fn(() => 'blob:1'), jest.fn()];
    const before = [URL.createObjectURL, URL.revokeObjectURL] as const;
    Object.assign(URL, { createObjectURL: made, revokeObjectURL: gone });
    const clicked: unknown[] = [];
    const link = TestBed.inject(DOCUMENT).createElement('a');
    const click = jest.spyOn(Object.getPrototypeOf(link) as HTMLAnchorElement, 'click').mockImplementation(function (
      this: HTMLAnchorElement,
    ) {
      clicked.push([this.getAttribute('href'), this.download]);
    });
    try {
      const content = new Blob(['x']);
      handOver('job.json', content);
      expect(made).toHaveBeenCalledWith(content);
      expect(clicked).toEqual([['blob:1', 'job.json']]);
      jest.advanceTimersByTime(9_000);
      expect(gone).not.toHaveBeenCalled();
      jest.advanceTimersByTime(1_000);
      expect(gone).toHaveBeenCalledWith('blob:1');
    } finally {
      click.mockRestore();
      Object.assign(URL, { createObjectURL: before[0], revokeObjectURL: before[1] });
      jest.useRealTimers();
    }
  });
});
