-- What jobs that are done taught: how often and how long each kind of work was, and what was lost of sheets.
CREATE TABLE IF NOT EXISTS settled (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  learned JSON NOT NULL,
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (shop, job_id),
  KEY settled_of_job (job_id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
