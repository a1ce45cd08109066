-- What a shop says of its days: its hours, its people, its places.
CREATE TABLE IF NOT EXISTS shop_calendar (
  shop CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  calendar JSON NOT NULL,
  revision INT NOT NULL
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- Which jobs are worked on, and when they are promised for. Without a row a job is in it once its quote is accepted.
CREATE TABLE IF NOT EXISTS calendar_jobs (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  at_work TINYINT NULL,
  due DATE NULL,
  PRIMARY KEY (shop, job_id),
  KEY calendar_jobs_of_job (job_id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- When single tasks are to begin, on the clock of the shop.
CREATE TABLE IF NOT EXISTS calendar_fixed (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  task VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  starts_at CHAR(16) CHARACTER SET ascii NOT NULL,
  PRIMARY KEY (shop, job_id, task),
  KEY calendar_fixed_of_job (job_id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- The link a shop’s days can be followed at; one at a time, so that an older one is withdrawn by a newer.
CREATE TABLE IF NOT EXISTS calendar_feeds (
  shop CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  link CHAR(43) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  UNIQUE KEY calendar_feeds_by_link (link)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
