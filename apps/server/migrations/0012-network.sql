-- Whether the shop's own network is let in, and by which address it is called there.
CREATE TABLE IF NOT EXISTS networks (
  shop CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  open TINYINT(1) NOT NULL,
  address VARCHAR(200) CHARACTER SET ascii NULL
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- Phones and tablets that were let in; of its pass only what it can be known again by.
CREATE TABLE IF NOT EXISTS devices (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  name VARCHAR(60) NOT NULL,
  pass CHAR(64) CHARACTER SET ascii NOT NULL,
  let_in_at DATETIME(3) NOT NULL,
  seen_at DATETIME(3) NOT NULL,
  UNIQUE KEY devices_pass (pass)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
