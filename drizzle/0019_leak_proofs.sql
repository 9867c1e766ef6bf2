ALTER TABLE `leak_readings` ADD `proof` text;--> statement-breakpoint
ALTER TABLE `leak_readings` ADD `repair` text;--> statement-breakpoint
CREATE TRIGGER leak_readings_proof_never_changed BEFORE UPDATE OF proof, repair ON leak_readings
BEGIN
  SELECT RAISE(ABORT, 'A soaping is voided, never changed.');
END;
