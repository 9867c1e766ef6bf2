-- Times that an import brought with an offset, such as 2026-11-24T12:00:00-07:00, become UTC to the millisecond, so that
-- they sort as they happened. The triggers that keep events from being changed are made again as they were.
DROP TRIGGER acceptances_never_changed;
--> statement-breakpoint
DROP TRIGGER acceptances_recording_never_changed;
--> statement-breakpoint
UPDATE acceptances SET accepted_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', accepted_at), accepted_at) WHERE accepted_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE acceptances SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE acceptances SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
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
CREATE TRIGGER acceptances_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON acceptances
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
UPDATE appliances SET archived_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', archived_at), archived_at) WHERE archived_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE cylinders SET archived_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', archived_at), archived_at) WHERE archived_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE equipment SET archived_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', archived_at), archived_at) WHERE archived_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
DROP TRIGGER equipment_looks_never_changed;
--> statement-breakpoint
DROP TRIGGER equipment_looks_recording_never_changed;
--> statement-breakpoint
UPDATE equipment_looks SET looked_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', looked_at), looked_at) WHERE looked_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE equipment_looks SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE equipment_looks SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
CREATE TRIGGER equipment_looks_never_changed BEFORE UPDATE ON equipment_looks
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.equipment_id IS NOT OLD.equipment_id
  OR NEW.looked_at IS NOT OLD.looked_at
  OR NEW.sound IS NOT OLD.sound
  OR NEW.note IS NOT OLD.note
BEGIN
  SELECT RAISE(ABORT, 'A look is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER equipment_looks_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON equipment_looks
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
DROP TRIGGER fills_never_changed;
--> statement-breakpoint
DROP TRIGGER fills_recording_never_changed;
--> statement-breakpoint
UPDATE fills SET filled_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', filled_at), filled_at) WHERE filled_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE fills SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE fills SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
CREATE TRIGGER fills_never_changed BEFORE UPDATE ON fills
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.cylinder_id IS NOT OLD.cylinder_id
  OR NEW.filled_at IS NOT OLD.filled_at
  OR NEW.mode IS NOT OLD.mode
  OR NEW.net_kg IS NOT OLD.net_kg
  OR NEW.metered_m_3 IS NOT OLD.metered_m_3
  OR NEW.shown_before IS NOT OLD.shown_before
  OR NEW.paid IS NOT OLD.paid
  OR NEW.note IS NOT OLD.note
  OR NEW.weighing_id IS NOT OLD.weighing_id
  OR NEW.level_id IS NOT OLD.level_id
BEGIN
  SELECT RAISE(ABORT, 'A fill is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER fills_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON fills
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
UPDATE heaters SET archived_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', archived_at), archived_at) WHERE archived_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
DROP TRIGGER hold_tests_never_changed;
--> statement-breakpoint
DROP TRIGGER hold_tests_recording_never_changed;
--> statement-breakpoint
UPDATE hold_tests SET held_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', held_at), held_at) WHERE held_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE hold_tests SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE hold_tests SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
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
--> statement-breakpoint
CREATE TRIGGER hold_tests_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON hold_tests
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
DROP TRIGGER leak_closings_never_changed;
--> statement-breakpoint
DROP TRIGGER leak_closings_recording_never_changed;
--> statement-breakpoint
UPDATE leak_closings SET closed_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', closed_at), closed_at) WHERE closed_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE leak_closings SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE leak_closings SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
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
CREATE TRIGGER leak_closings_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON leak_closings
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
DROP TRIGGER leak_readings_never_changed;
--> statement-breakpoint
DROP TRIGGER leak_readings_recording_never_changed;
--> statement-breakpoint
UPDATE leak_readings SET read_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', read_at), read_at) WHERE read_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE leak_readings SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE leak_readings SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
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
CREATE TRIGGER leak_readings_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON leak_readings
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
DROP TRIGGER leak_tests_never_changed;
--> statement-breakpoint
DROP TRIGGER leak_tests_recording_never_changed;
--> statement-breakpoint
UPDATE leak_tests SET started_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', started_at), started_at) WHERE started_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE leak_tests SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE leak_tests SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
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
CREATE TRIGGER leak_tests_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON leak_tests
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
DROP TRIGGER lessons_never_changed;
--> statement-breakpoint
DROP TRIGGER lessons_recording_never_changed;
--> statement-breakpoint
UPDATE lessons SET until_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', until_at), until_at) WHERE until_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE lessons SET learned_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', learned_at), learned_at) WHERE learned_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE lessons SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE lessons SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
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
CREATE TRIGGER lessons_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON lessons
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
DROP TRIGGER levels_never_changed;
--> statement-breakpoint
DROP TRIGGER levels_recording_never_changed;
--> statement-breakpoint
UPDATE levels SET read_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', read_at), read_at) WHERE read_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE levels SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE levels SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
CREATE TRIGGER levels_never_changed BEFORE UPDATE ON levels
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.cylinder_id IS NOT OLD.cylinder_id
  OR NEW.read_at IS NOT OLD.read_at
  OR NEW.way IS NOT OLD.way
  OR NEW.shown IS NOT OLD.shown
  OR NEW.liquid_fraction IS NOT OLD.liquid_fraction
  OR NEW.temperature_k IS NOT OLD.temperature_k
BEGIN
  SELECT RAISE(ABORT, 'A reading is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER levels_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON levels
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
DROP TRIGGER line_changes_never_changed;
--> statement-breakpoint
DROP TRIGGER line_changes_recording_never_changed;
--> statement-breakpoint
UPDATE line_changes SET changed_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', changed_at), changed_at) WHERE changed_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE line_changes SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE line_changes SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
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
CREATE TRIGGER line_changes_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON line_changes
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
UPDATE lines SET archived_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', archived_at), archived_at) WHERE archived_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
DROP TRIGGER looks_never_changed;
--> statement-breakpoint
DROP TRIGGER looks_recording_never_changed;
--> statement-breakpoint
UPDATE looks SET looked_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', looked_at), looked_at) WHERE looked_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE looks SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE looks SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
CREATE TRIGGER looks_never_changed BEFORE UPDATE ON looks
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.cylinder_id IS NOT OLD.cylinder_id
  OR NEW.looked_at IS NOT OLD.looked_at
  OR NEW.answers IS NOT OLD.answers
  OR NEW.note IS NOT OLD.note
  OR NEW.cleared_by IS NOT OLD.cleared_by
BEGIN
  SELECT RAISE(ABORT, 'A look-over is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER looks_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON looks
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
UPDATE manual_pages SET taken_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', taken_at), taken_at) WHERE taken_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
DROP TRIGGER marks_never_changed;
--> statement-breakpoint
DROP TRIGGER marks_recording_never_changed;
--> statement-breakpoint
UPDATE marks SET entered_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', entered_at), entered_at) WHERE entered_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE marks SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE marks SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
CREATE TRIGGER marks_never_changed BEFORE UPDATE ON marks
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.cylinder_id IS NOT OLD.cylinder_id
  OR NEW.entered_at IS NOT OLD.entered_at
  OR NEW.month IS NOT OLD.month
  OR NEW.letter IS NOT OLD.letter
  OR NEW.requalifier IS NOT OLD.requalifier
  OR NEW.form IS NOT OLD.form
  OR NEW.photo_id IS NOT OLD.photo_id
BEGIN
  SELECT RAISE(ABORT, 'A mark is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER marks_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON marks
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
UPDATE offers SET archived_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', archived_at), archived_at) WHERE archived_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE photos SET taken_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', taken_at), taken_at) WHERE taken_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE rigs SET archived_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', archived_at), archived_at) WHERE archived_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE rooms SET archived_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', archived_at), archived_at) WHERE archived_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
DROP TRIGGER swaps_never_changed;
--> statement-breakpoint
DROP TRIGGER swaps_recording_never_changed;
--> statement-breakpoint
UPDATE swaps SET swapped_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', swapped_at), swapped_at) WHERE swapped_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE swaps SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE swaps SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
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
--> statement-breakpoint
CREATE TRIGGER swaps_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON swaps
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
DROP TRIGGER ticks_never_changed;
--> statement-breakpoint
DROP TRIGGER ticks_recording_never_changed;
--> statement-breakpoint
UPDATE ticks SET ticked_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', ticked_at), ticked_at) WHERE ticked_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE ticks SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE ticks SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
CREATE TRIGGER ticks_never_changed BEFORE UPDATE ON ticks
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.rig_id IS NOT OLD.rig_id
  OR NEW.procedure IS NOT OLD.procedure
  OR NEW.subject_id IS NOT OLD.subject_id
  OR NEW.step_id IS NOT OLD.step_id
  OR NEW.ticked_at IS NOT OLD.ticked_at
BEGIN
  SELECT RAISE(ABORT, 'A tick is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER ticks_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON ticks
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
UPDATE trips SET archived_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', archived_at), archived_at) WHERE archived_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
DROP TRIGGER verdicts_never_changed;
--> statement-breakpoint
UPDATE verdicts SET judged_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', judged_at), judged_at) WHERE judged_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
CREATE TRIGGER verdicts_never_changed BEFORE UPDATE ON verdicts
BEGIN
  SELECT RAISE(ABORT, 'A verdict is never changed.');
END;
--> statement-breakpoint
DROP TRIGGER warm_ups_never_changed;
--> statement-breakpoint
DROP TRIGGER warm_ups_recording_never_changed;
--> statement-breakpoint
UPDATE warm_ups SET logged_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', logged_at), logged_at) WHERE logged_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE warm_ups SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE warm_ups SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
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
--> statement-breakpoint
CREATE TRIGGER warm_ups_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON warm_ups
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
DROP TRIGGER weighings_never_changed;
--> statement-breakpoint
DROP TRIGGER weighings_recording_never_changed;
--> statement-breakpoint
UPDATE weighings SET weighed_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', weighed_at), weighed_at) WHERE weighed_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE weighings SET voided_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', voided_at), voided_at) WHERE voided_at NOT LIKE '____-__-__T__:__:__.___Z';
--> statement-breakpoint
UPDATE weighings SET recorded_at = coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', recorded_at), recorded_at) WHERE recorded_at NOT LIKE '____-__-__T__:__:__.___Z';
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
--> statement-breakpoint
CREATE TRIGGER weighings_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON weighings
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
