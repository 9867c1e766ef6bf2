CREATE TRIGGER line_changes_never_erased BEFORE DELETE ON line_changes
BEGIN
  SELECT RAISE(ABORT, 'A line change is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER line_changes_never_changed BEFORE UPDATE ON line_changes
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.line_id IS NOT OLD.line_id
  OR NEW.changed_at IS NOT OLD.changed_at
  OR NEW.words IS NOT OLD.words
BEGIN
  SELECT RAISE(ABORT, 'A line change is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER leak_tests_never_erased BEFORE DELETE ON leak_tests
BEGIN
  SELECT RAISE(ABORT, 'A leak-test is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER leak_tests_never_changed BEFORE UPDATE ON leak_tests
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.line_id IS NOT OLD.line_id
  OR NEW.started_at IS NOT OLD.started_at
  OR NEW.fingerprint IS NOT OLD.fingerprint
  OR NEW.sheet IS NOT OLD.sheet
BEGIN
  SELECT RAISE(ABORT, 'A leak-test is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER leak_readings_never_erased BEFORE DELETE ON leak_readings
BEGIN
  SELECT RAISE(ABORT, 'A soaping is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER leak_readings_never_changed BEFORE UPDATE ON leak_readings
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.test_id IS NOT OLD.test_id
  OR NEW.item_id IS NOT OLD.item_id
  OR NEW.grade IS NOT OLD.grade
  OR NEW.left_for_technician IS NOT OLD.left_for_technician
  OR NEW.read_at IS NOT OLD.read_at
BEGIN
  SELECT RAISE(ABORT, 'A soaping is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER leak_closings_never_erased BEFORE DELETE ON leak_closings
BEGIN
  SELECT RAISE(ABORT, 'A closing is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER leak_closings_never_changed BEFORE UPDATE ON leak_closings
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.test_id IS NOT OLD.test_id
  OR NEW.closed_at IS NOT OLD.closed_at
  OR NEW.burned IS NOT OLD.burned
BEGIN
  SELECT RAISE(ABORT, 'A closing is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER hold_tests_never_erased BEFORE DELETE ON hold_tests
BEGIN
  SELECT RAISE(ABORT, 'A hold-test is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER hold_tests_never_changed BEFORE UPDATE ON hold_tests
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.line_id IS NOT OLD.line_id
  OR NEW.held_at IS NOT OLD.held_at
  OR NEW.side IS NOT OLD.side
  OR NEW.input IS NOT OLD.input
  OR NEW.outcome IS NOT OLD.outcome
  OR NEW.open_branches IS NOT OLD.open_branches
BEGIN
  SELECT RAISE(ABORT, 'A hold-test is voided, never changed.');
END;
