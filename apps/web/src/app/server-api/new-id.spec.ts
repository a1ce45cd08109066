import { newId } from './new-id';

/** Source: RFC 9562, 5.4: version 4 in the thirteenth figure, variant 10 in the seventeenth; from memory. */
it.each([0, 255, 0x5a])('a new id is one of version 4, whatever is drawn for it (%i)', (byte) => {
  const drawn = jest.spyOn(crypto, 'getRandomValues').mockImplementation((bytes) => {
    (bytes as unknown as Uint8Array).fill(byte);
    return bytes;
  });
  const hex = byte.toString(16).padStart(2, '0');
  const id = newId();
  drawn.mockRestore();
  expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  expect(id.slice(0, 8)).toBe(hex.repeat(4));
  expect(id.slice(24)).toBe(hex.repeat(6));
  expect(newId()).not.toBe(newId());
});
