ALTER TABLE `lessons` ADD `uses` text;--> statement-breakpoint
CREATE TRIGGER lessons_uses_never_changed BEFORE UPDATE OF uses ON lessons
BEGIN
  SELECT RAISE(ABORT, 'What a trip taught is voided, never changed.');
END;
