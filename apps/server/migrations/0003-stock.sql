CREATE TABLE IF NOT EXISTS stock (
  id CHAR(36) CHARACTER SET ascii NOT NULL,
  material VARCHAR(200) NOT NULL,
  kind ENUM('sheet', 'board', 'off-cut') NOT NULL,
  item LONGTEXT NOT NULL,
  count INT UNSIGNED NOT NULL,
  updated_at DATETIME(3) NOT NULL,
  PRIMARY KEY (id),
  KEY stock_by_material (material, kind)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE IF NOT EXISTS bookings (
  id CHAR(36) CHARACTER SET ascii NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  material VARCHAR(200) NOT NULL,
  taken LONGTEXT NOT NULL,
  brought LONGTEXT NOT NULL,
  booked_at DATETIME(3) NOT NULL,
  undone_at DATETIME(3) NULL,
  PRIMARY KEY (id),
  KEY bookings_by_job (job_id, booked_at)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;

CREATE TABLE IF NOT EXISTS supplier_prices (
  name VARCHAR(200) NOT NULL,
  kind ENUM('sheet', 'board') NOT NULL,
  length VARCHAR(40) NOT NULL,
  width VARCHAR(40) NOT NULL,
  thickness VARCHAR(40) NOT NULL,
  price DECIMAL(10, 2) NOT NULL,
  priced_on DATE NOT NULL,
  PRIMARY KEY (name)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
