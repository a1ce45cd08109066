import { asked } from './asked.spec-data';

const user = (ports: readonly number[], more: string): unknown =>
  asked('ordinary-user.mjs', `m.ordinaryUser(${JSON.stringify(ports)}, { ${more} })`);
const ROOT = 'root: true, environment: {}, tries: () => true';

describe('the user the server runs as', () => {
  it('is whoever starts it, who is not root', () => {
    expect(user([4870], 'root: false')).toEqual({});
  });

  it('is the person who became root', () => {
    expect(user([4870], `${ROOT}, environment: { SUDO_UID: '1001', SUDO_GID: '1002' }`)).toEqual({
      user: { uid: 1001, gid: 1002 },
    });
  });

  it('is never root where another can run it', () => {
    const { uid } = (user([4870], ROOT) as { user: { uid: number } }).user;
    expect(uid).toBeGreaterThan(0);
  });

  it('is root only where it must be, and it is said why', () => {
    expect(user([80, 4871], ROOT)).toEqual({ whyNot: 'a port below 1024 is for root alone' });
    expect(user([4870], `${ROOT}, tries: () => false`)).toEqual({
      whyNot: 'no other user can read the folder of Zabble, or run Node',
    });
  });
});
