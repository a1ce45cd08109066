CREATE TABLE IF NOT EXISTS log_entries (
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  seq INT UNSIGNED NOT NULL,
  id VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  kind VARCHAR(20) CHARACTER SET ascii NOT NULL,
  happened_at DATETIME(3) NOT NULL,
  entry LONGTEXT NOT NULL,
  words TEXT NOT NULL,
  kept_at DATETIME(3) NOT NULL,
  PRIMARY KEY (job_id, seq),
  UNIQUE KEY log_entries_once (job_id, id),
  KEY log_entries_by_kind (kind, happened_at)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE IF NOT EXISTS photos (
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  id CHAR(36) CHARACTER SET ascii NOT NULL,
  width INT UNSIGNED NOT NULL,
  height INT UNSIGNED NOT NULL,
  picture MEDIUMBLOB NOT NULL,
  kept_at DATETIME(3) NOT NULL,
  PRIMARY KEY (job_id, id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE IF NOT EXISTS shop_habits (
  name VARCHAR(20) CHARACTER SET ascii NOT NULL,
  length VARCHAR(40) NOT NULL,
  updated_at DATETIME(3) NOT NULL,
  PRIMARY KEY (name)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
