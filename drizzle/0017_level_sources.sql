ALTER TABLE `levels` ADD `sources` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
CREATE TRIGGER levels_sources_never_changed BEFORE UPDATE OF sources ON levels
BEGIN
  SELECT RAISE(ABORT, 'How a reading is known is never changed.');
END;
