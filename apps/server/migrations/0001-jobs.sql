CREATE TABLE IF NOT EXISTS jobs (
  id CHAR(36) CHARACTER SET ascii NOT NULL,
  name VARCHAR(200) NOT NULL,
  customer VARCHAR(200) NOT NULL,
  document LONGTEXT NOT NULL,
  revision INT UNSIGNED NOT NULL,
  created_at DATETIME(3) NOT NULL,
  updated_at DATETIME(3) NOT NULL,
  deleted_at DATETIME(3) NULL,
  PRIMARY KEY (id),
  KEY jobs_by_update (deleted_at, updated_at)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
