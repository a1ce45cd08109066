-- Items of the rack count how often they were changed, as the shop's other rows do.
ALTER TABLE stock ADD COLUMN IF NOT EXISTS revision INT UNSIGNED NOT NULL DEFAULT 1;
