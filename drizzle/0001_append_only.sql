CREATE TRIGGER weighings_never_erased BEFORE DELETE ON weighings
BEGIN
  SELECT RAISE(ABORT, 'A weighing is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER weighings_never_changed BEFORE UPDATE ON weighings
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.cylinder_id IS NOT OLD.cylinder_id
  OR NEW.weighed_at IS NOT OLD.weighed_at
  OR NEW.gross_kg IS NOT OLD.gross_kg
  OR NEW.hanging_kg IS NOT OLD.hanging_kg
  OR NEW.source IS NOT OLD.source
BEGIN
  SELECT RAISE(ABORT, 'A weighing is voided, never changed.');
END;
