-- In what the shop's prices are; nothing where it has not said.
ALTER TABLE shops ADD COLUMN IF NOT EXISTS currency CHAR(3) CHARACTER SET ascii NULL;
