-- People who sign in, where the server is shared. Their passwords as scrypt leaves them.
CREATE TABLE IF NOT EXISTS people (
  id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  email VARCHAR(254) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  name VARCHAR(60) NOT NULL,
  password VARCHAR(200) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  second_factor VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NULL,
  second_factor_on TINYINT(1) NOT NULL DEFAULT 0,
  -- The last step a code was taken for: none is taken twice.
  second_factor_step BIGINT NOT NULL DEFAULT 0,
  created_at DATETIME(3) NOT NULL,
  UNIQUE KEY people_email (email)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- Who belongs to which shop, and what they may do there.
CREATE TABLE IF NOT EXISTS members (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  person_id CHAR(36) CHARACTER SET ascii NOT NULL,
  role ENUM ('owner', 'maker', 'helper', 'looker') NOT NULL,
  since DATETIME(3) NOT NULL,
  PRIMARY KEY (shop, person_id),
  KEY members_of_person (person_id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- Whatever changes who belongs to a shop changes this too: two who do so at once meet here.
ALTER TABLE shops ADD COLUMN IF NOT EXISTS crew_revision INT NOT NULL DEFAULT 0;
-- Of a secret everywhere only its SHA-256: it can be known again, and not be read.
CREATE TABLE IF NOT EXISTS sessions (
  token CHAR(64) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  id CHAR(36) CHARACTER SET ascii NOT NULL,
  person_id CHAR(36) CHARACTER SET ascii NOT NULL,
  at_shop CHAR(36) CHARACTER SET ascii NULL,
  device VARCHAR(60) NOT NULL,
  created_at DATETIME(3) NOT NULL,
  seen_at DATETIME(3) NOT NULL,
  UNIQUE KEY sessions_id (id),
  KEY sessions_of_person (person_id, created_at)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE TABLE IF NOT EXISTS invitations (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  token CHAR(64) CHARACTER SET ascii NOT NULL,
  email VARCHAR(254) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  role ENUM ('owner', 'maker', 'helper', 'looker') NOT NULL,
  invited_by VARCHAR(60) NOT NULL,
  until DATETIME(3) NOT NULL,
  UNIQUE KEY invitations_token (token),
  KEY invitations_of_shop (shop, until)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- The link by which a forgotten password is replaced; one at a time.
CREATE TABLE IF NOT EXISTS forgotten (
  person_id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  token CHAR(64) CHARACTER SET ascii NOT NULL,
  until DATETIME(3) NOT NULL,
  UNIQUE KEY forgotten_token (token)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- Codes for when the second factor is lost; one that was used is gone.
CREATE TABLE IF NOT EXISTS recovery_codes (
  person_id CHAR(36) CHARACTER SET ascii NOT NULL,
  code CHAR(64) CHARACTER SET ascii NOT NULL,
  PRIMARY KEY (person_id, code)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- Attempts counted, by what they are limited by; in the shape its package asks for.
CREATE TABLE IF NOT EXISTS attempts (
  `key` VARCHAR(255) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  points INT NOT NULL DEFAULT 0,
  expire BIGINT UNSIGNED
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- Mail of a server that has nobody to send it: looked at on the machine itself.
CREATE TABLE IF NOT EXISTS mailbox (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  sent_to VARCHAR(254) NOT NULL,
  subject VARCHAR(200) NOT NULL,
  body TEXT NOT NULL,
  sent_at DATETIME(3) NOT NULL
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- What was done in a shop, by whom. Rows are added and never changed.
CREATE TABLE IF NOT EXISTS audit (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  at DATETIME(3) NOT NULL,
  person_id CHAR(36) CHARACTER SET ascii NULL,
  person VARCHAR(60) NOT NULL,
  what VARCHAR(60) CHARACTER SET ascii NOT NULL,
  of VARCHAR(254) NOT NULL DEFAULT '',
  KEY audit_of_shop (shop, id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
