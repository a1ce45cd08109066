-- A shop that is to go: it can be brought back until it is erased.
ALTER TABLE shops ADD COLUMN IF NOT EXISTS deleted_at DATETIME(3) NULL;
-- Which pages have a job open just now, whose they are and where in it; what was not heard of for a while is gone.
CREATE TABLE IF NOT EXISTS present (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  page CHAR(36) CHARACTER SET ascii NOT NULL,
  name VARCHAR(60) NOT NULL,
  step VARCHAR(20) CHARACTER SET ascii NOT NULL,
  seen_at DATETIME(3) NOT NULL,
  PRIMARY KEY (job_id, page)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
