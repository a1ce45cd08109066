-- What a shop pays: so many cents for a pack of so many units, by the keys prices have.
CREATE TABLE IF NOT EXISTS price_book (
  shop CHAR(36) CHARACTER SET ascii NOT NULL,
  price_key VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  unit VARCHAR(20) NOT NULL,
  pack DECIMAL(16, 6) NOT NULL,
  cents BIGINT NOT NULL,
  supplier VARCHAR(120) NULL,
  priced_on DATE NULL,
  PRIMARY KEY (shop, price_key)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
-- What a shop says of its prices: overhead, margin, tax, minutes, ways of finishing.
CREATE TABLE IF NOT EXISTS costing (
  shop CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  settings JSON NOT NULL,
  revision INT NOT NULL
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
