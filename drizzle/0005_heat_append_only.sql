CREATE TRIGGER warm_ups_never_erased BEFORE DELETE ON warm_ups
BEGIN
  SELECT RAISE(ABORT, 'A warm-up is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER warm_ups_never_changed BEFORE UPDATE ON warm_ups
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.room_id IS NOT OLD.room_id
  OR NEW.logged_at IS NOT OLD.logged_at
  OR NEW.log IS NOT OLD.log
  OR NEW.setting_known IS NOT OLD.setting_known
BEGIN
  SELECT RAISE(ABORT, 'A warm-up is voided, never changed.');
END;
