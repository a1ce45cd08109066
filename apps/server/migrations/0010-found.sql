-- What is looked for is looked up, in tables made from jobs and logs a moment after they were kept: `settled` says that
-- they hold what is kept. They can be emptied and are made again.

-- Of a job 1 says that its words are, 2 that its summary is: a list shows it by that of the revision `summary_of`.
ALTER TABLE jobs
  ADD COLUMN IF NOT EXISTS words VARCHAR(1200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT '',
  ADD COLUMN IF NOT EXISTS settled TINYINT UNSIGNED NOT NULL DEFAULT 0,
  ADD COLUMN IF NOT EXISTS summary MEDIUMTEXT NULL,
  ADD COLUMN IF NOT EXISTS summary_of INT UNSIGNED NOT NULL DEFAULT 0,
  DROP KEY IF EXISTS jobs_by_update,
  DROP KEY IF EXISTS jobs_listed,
  DROP KEY IF EXISTS jobs_unsettled,
  ADD KEY jobs_listed (shop, deleted_at, updated_at, id),
  ADD KEY jobs_unsettled (settled, shop);

CREATE TABLE IF NOT EXISTS job_words (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  word VARCHAR(32) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  PRIMARY KEY (shop, word, job_id),
  KEY job_words_by_job (job_id)
) ENGINE = InnoDB;

ALTER TABLE log_entries
  ADD COLUMN IF NOT EXISTS settled TINYINT UNSIGNED NOT NULL DEFAULT 0,
  DROP KEY IF EXISTS log_entries_by_kind,
  DROP KEY IF EXISTS log_entries_unsettled,
  ADD KEY log_entries_unsettled (settled, shop);
ALTER TABLE log_entries DROP COLUMN IF EXISTS words;

CREATE TABLE IF NOT EXISTS record_lines (
  n BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  seq INT UNSIGNED NOT NULL,
  kind VARCHAR(20) CHARACTER SET ascii NOT NULL,
  happened_at DATETIME(3) NOT NULL,
  words TEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  PRIMARY KEY (n),
  UNIQUE KEY record_lines_once (job_id, seq),
  KEY record_lines_by_time (shop, happened_at, n),
  KEY record_lines_by_kind (shop, kind, happened_at, n)
) ENGINE = InnoDB;

CREATE TABLE IF NOT EXISTS line_words (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  word VARCHAR(32) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  n BIGINT UNSIGNED NOT NULL,
  PRIMARY KEY (shop, word, n),
  KEY line_words_by_line (n)
) ENGINE = InnoDB;

-- What was measured against a plan, in nanometres.
CREATE TABLE IF NOT EXISTS made (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  what VARCHAR(40) CHARACTER SET ascii NOT NULL,
  happened_at DATETIME(3) NOT NULL,
  n BIGINT UNSIGNED NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  planned BIGINT NOT NULL,
  made BIGINT NOT NULL,
  PRIMARY KEY (shop, what, happened_at, n),
  KEY made_by_job (job_id)
) ENGINE = InnoDB;

-- How often, and for what was measured by how much over the plan: of each job, and of all that were ever settled.
CREATE TABLE IF NOT EXISTS job_sums (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  kind ENUM('reading', 'fault') NOT NULL,
  about VARCHAR(40) CHARACTER SET ascii NOT NULL,
  count BIGINT NOT NULL,
  sum DECIMAL(40, 0) NOT NULL,
  squares DECIMAL(60, 0) NOT NULL,
  PRIMARY KEY (job_id, kind, about)
) ENGINE = InnoDB;

CREATE TABLE IF NOT EXISTS shop_sums (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  kind ENUM('reading', 'fault') NOT NULL,
  about VARCHAR(40) CHARACTER SET ascii NOT NULL,
  count BIGINT NOT NULL,
  sum DECIMAL(40, 0) NOT NULL,
  squares DECIMAL(60, 0) NOT NULL,
  PRIMARY KEY (shop, kind, about)
) ENGINE = InnoDB;
