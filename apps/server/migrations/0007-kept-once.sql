-- A save that is sent again is known by its own id.
ALTER TABLE jobs ADD COLUMN IF NOT EXISTS save CHAR(36) CHARACTER SET ascii NULL AFTER revision;

-- Ids are the same only when they are the same to the letter: in every script, with blanks at their end.
ALTER TABLE log_entries
  MODIFY COLUMN id VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin NOT NULL;

-- So are names of the shop's rows, which count how often they were changed.
ALTER TABLE shop_slides
  MODIFY COLUMN name VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin NOT NULL,
  ADD COLUMN IF NOT EXISTS revision INT UNSIGNED NOT NULL DEFAULT 1;
ALTER TABLE shop_materials
  MODIFY COLUMN name VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin NOT NULL,
  ADD COLUMN IF NOT EXISTS revision INT UNSIGNED NOT NULL DEFAULT 1;
