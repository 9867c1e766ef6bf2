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
--> statement-breakpoint
CREATE TRIGGER marks_never_erased BEFORE DELETE ON marks
BEGIN
  SELECT RAISE(ABORT, 'A mark is voided, never erased.');
END;
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
CREATE TRIGGER looks_never_erased BEFORE DELETE ON looks
BEGIN
  SELECT RAISE(ABORT, 'A look-over is voided, never erased.');
END;
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
CREATE TRIGGER levels_never_erased BEFORE DELETE ON levels
BEGIN
  SELECT RAISE(ABORT, 'A reading is voided, never erased.');
END;
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
CREATE TRIGGER fills_never_erased BEFORE DELETE ON fills
BEGIN
  SELECT RAISE(ABORT, 'A fill is voided, never erased.');
END;
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
CREATE TRIGGER ticks_never_erased BEFORE DELETE ON ticks
BEGIN
  SELECT RAISE(ABORT, 'A tick is voided, never erased.');
END;
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
CREATE TRIGGER equipment_looks_never_erased BEFORE DELETE ON equipment_looks
BEGIN
  SELECT RAISE(ABORT, 'A look is voided, never erased.');
END;
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
