-- Who sells to a shop, and whom it makes for.
CREATE TABLE IF NOT EXISTS shop_suppliers (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  name VARCHAR(200) NOT NULL,
  supplier LONGTEXT NOT NULL,
  revision INT NOT NULL DEFAULT 1,
  updated_at DATETIME(3) NOT NULL,
  UNIQUE KEY shop_suppliers_by_name (shop, name)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin;
CREATE TABLE IF NOT EXISTS shop_customers (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  name VARCHAR(200) NOT NULL,
  customer LONGTEXT NOT NULL,
  revision INT NOT NULL DEFAULT 1,
  updated_at DATETIME(3) NOT NULL,
  UNIQUE KEY shop_customers_by_name (shop, name)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin;
-- How often something was ordered or laid aside: nothing is ordered by a list that is out of date.
CREATE TABLE IF NOT EXISTS buying (
  shop CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  revision INT NOT NULL
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- What lies in the hardware drawer, by the keys prices have.
CREATE TABLE IF NOT EXISTS hardware_drawer (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  price_key VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  what VARCHAR(300) NOT NULL,
  unit VARCHAR(20) NOT NULL,
  count DECIMAL(16, 6) NOT NULL,
  PRIMARY KEY (shop, price_key)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- What was taken out of it for a job.
CREATE TABLE IF NOT EXISTS laid_aside (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  id CHAR(36) CHARACTER SET ascii NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  price_key VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  count DECIMAL(16, 6) NOT NULL,
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (shop, id, job_id, price_key),
  KEY laid_aside_of_job (job_id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- Orders as they were made.
CREATE TABLE IF NOT EXISTS orders (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  number INT NOT NULL,
  supplier VARCHAR(120) NOT NULL,
  by_service BOOLEAN NOT NULL,
  state ENUM ('asked', 'ordered', 'refused', 'off') NOT NULL,
  made_at DATETIME(3) NOT NULL,
  made_by VARCHAR(60) NOT NULL DEFAULT '',
  expected_on DATE NULL,
  answer JSON NULL,
  UNIQUE KEY orders_number (shop, number)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE TABLE IF NOT EXISTS order_lines (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  order_id CHAR(36) CHARACTER SET ascii NOT NULL,
  line INT NOT NULL,
  price_key VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  what VARCHAR(300) NOT NULL,
  unit VARCHAR(20) NOT NULL,
  pack DECIMAL(16, 6) NOT NULL,
  packs INT NOT NULL,
  cents BIGINT NULL,
  arrived_on DATE NULL,
  PRIMARY KEY (order_id, line)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- How much of a line each job is bought for; what comes with it beyond that is the drawer's.
CREATE TABLE IF NOT EXISTS order_for (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  order_id CHAR(36) CHARACTER SET ascii NOT NULL,
  line INT NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  count DECIMAL(16, 6) NOT NULL,
  PRIMARY KEY (order_id, line, job_id),
  KEY order_for_job (job_id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
