CREATE TRIGGER weighings_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON weighings
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER marks_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON marks
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER looks_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON looks
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER levels_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON levels
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER fills_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON fills
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER ticks_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON ticks
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER equipment_looks_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON equipment_looks
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER line_changes_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON line_changes
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER leak_tests_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON leak_tests
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER leak_readings_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON leak_readings
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER leak_closings_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON leak_closings
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER hold_tests_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON hold_tests
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER warm_ups_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON warm_ups
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER acceptances_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON acceptances
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER lessons_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON lessons
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER swaps_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON swaps
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER photo_contents_never_changed BEFORE UPDATE ON photo_contents
BEGIN
  SELECT RAISE(ABORT, 'A photo is never changed.');
END;
