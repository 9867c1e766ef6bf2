CREATE TRIGGER swaps_never_erased BEFORE DELETE ON swaps
BEGIN
  SELECT RAISE(ABORT, 'A swap is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER swaps_never_changed BEFORE UPDATE ON swaps
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.cylinder_id IS NOT OLD.cylinder_id
  OR NEW.other_id IS NOT OLD.other_id
  OR NEW.swapped_at IS NOT OLD.swapped_at
  OR NEW.found IS NOT OLD.found
  OR NEW.other_shut IS NOT OLD.other_shut
  OR NEW.level_id IS NOT OLD.level_id
BEGIN
  SELECT RAISE(ABORT, 'A swap is voided, never changed.');
END;
