CREATE TABLE IF NOT EXISTS shop_materials (
  id CHAR(36) CHARACTER SET ascii NOT NULL,
  name VARCHAR(200) NOT NULL,
  material LONGTEXT NOT NULL,
  updated_at DATETIME(3) NOT NULL,
  PRIMARY KEY (id),
  UNIQUE KEY shop_materials_by_name (name)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
