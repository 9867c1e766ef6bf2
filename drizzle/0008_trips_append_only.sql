CREATE TRIGGER acceptances_never_erased BEFORE DELETE ON acceptances
BEGIN
  SELECT RAISE(ABORT, 'An acceptance is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER acceptances_never_changed BEFORE UPDATE ON acceptances
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.trip_id IS NOT OLD.trip_id
  OR NEW.finding_key IS NOT OLD.finding_key
  OR NEW.sentence IS NOT OLD.sentence
  OR NEW.reason IS NOT OLD.reason
  OR NEW.accepted_at IS NOT OLD.accepted_at
BEGIN
  SELECT RAISE(ABORT, 'An acceptance is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER lessons_never_erased BEFORE DELETE ON lessons
BEGIN
  SELECT RAISE(ABORT, 'A lesson is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER lessons_never_changed BEFORE UPDATE ON lessons
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.trip_id IS NOT OLD.trip_id
  OR NEW.supply IS NOT OLD.supply
  OR NEW.answer IS NOT OLD.answer
  OR NEW.factor IS NOT OLD.factor
  OR NEW.burnt_kg IS NOT OLD.burnt_kg
  OR NEW.planned_kg IS NOT OLD.planned_kg
  OR NEW.until_at IS NOT OLD.until_at
  OR NEW.learned_at IS NOT OLD.learned_at
BEGIN
  SELECT RAISE(ABORT, 'A lesson is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER verdicts_never_erased BEFORE DELETE ON verdicts
BEGIN
  SELECT RAISE(ABORT, 'A verdict is never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER verdicts_never_changed BEFORE UPDATE ON verdicts
BEGIN
  SELECT RAISE(ABORT, 'A verdict is never changed.');
END;
