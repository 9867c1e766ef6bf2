ALTER TABLE `fills` ADD `fees` real;--> statement-breakpoint
CREATE TRIGGER fills_fees_never_changed BEFORE UPDATE OF fees ON fills
BEGIN
  SELECT RAISE(ABORT, 'A fill is voided, never changed.');
END;
