-- How a job stood before it was worked on, thinned with age.
CREATE TABLE IF NOT EXISTS job_revisions (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  revision INT UNSIGNED NOT NULL,
  saved_at DATETIME(3) NOT NULL,
  document LONGTEXT NOT NULL,
  PRIMARY KEY (job_id, revision)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
