-- Quotes as they were given out: what is on one never changes, only where it stands and whether its link shows it.
CREATE TABLE IF NOT EXISTS quotes (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  number INT NOT NULL,
  job_revision INT NOT NULL,
  body JSON NOT NULL,
  costs JSON NOT NULL,
  made_at DATETIME(3) NOT NULL,
  valid_until DATE NOT NULL,
  state ENUM ('drafted', 'sent', 'accepted', 'refused') NOT NULL DEFAULT 'drafted',
  state_at DATETIME(3) NOT NULL,
  state_by VARCHAR(60) NOT NULL DEFAULT '',
  link CHAR(64) CHARACTER SET ascii NULL,
  UNIQUE KEY quotes_number (shop, job_id, number),
  UNIQUE KEY quotes_link (link)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
