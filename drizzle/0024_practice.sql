CREATE TABLE `drill_runs` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`drill` text NOT NULL,
	`seed` integer NOT NULL,
	`finished_at` text NOT NULL,
	`result` text NOT NULL,
	`reason` text,
	`duration_s` real NOT NULL,
	`expert_duration_s` real NOT NULL,
	`gas_kg` real NOT NULL,
	`voided_at` text,
	`void_reason` text,
	`recorded_at` text,
	`sequence` integer DEFAULT 0 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `drill_runs_rig` ON `drill_runs` (`rig_id`,`drill`,`finished_at`);--> statement-breakpoint
CREATE TABLE `fault_events` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`what` text NOT NULL,
	`kind` text NOT NULL,
	`line_id` text,
	`place` text NOT NULL,
	`part_id` text NOT NULL,
	`name` text NOT NULL,
	`happened_at` text NOT NULL,
	`note` text,
	`voided_at` text,
	`void_reason` text,
	`recorded_at` text,
	`sequence` integer DEFAULT 0 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`line_id`) REFERENCES `lines`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `fault_events_rig` ON `fault_events` (`rig_id`,`happened_at`);--> statement-breakpoint
CREATE TABLE `rehearsals` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`rehearsed_at` text NOT NULL,
	`people` integer NOT NULL,
	`sheets` text NOT NULL,
	`note` text,
	`voided_at` text,
	`void_reason` text,
	`recorded_at` text,
	`sequence` integer DEFAULT 0 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `rehearsals_rig` ON `rehearsals` (`rig_id`,`rehearsed_at`);
--> statement-breakpoint
CREATE TRIGGER drill_runs_never_erased BEFORE DELETE ON drill_runs
BEGIN
  SELECT RAISE(ABORT, 'A drill is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER drill_runs_never_changed BEFORE UPDATE ON drill_runs
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.rig_id IS NOT OLD.rig_id
  OR NEW.drill IS NOT OLD.drill
  OR NEW.seed IS NOT OLD.seed
  OR NEW.finished_at IS NOT OLD.finished_at
  OR NEW.result IS NOT OLD.result
  OR NEW.reason IS NOT OLD.reason
  OR NEW.duration_s IS NOT OLD.duration_s
  OR NEW.expert_duration_s IS NOT OLD.expert_duration_s
  OR NEW.gas_kg IS NOT OLD.gas_kg
BEGIN
  SELECT RAISE(ABORT, 'A drill is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER drill_runs_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON drill_runs
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER rehearsals_never_erased BEFORE DELETE ON rehearsals
BEGIN
  SELECT RAISE(ABORT, 'A rehearsal is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER rehearsals_never_changed BEFORE UPDATE ON rehearsals
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.rig_id IS NOT OLD.rig_id
  OR NEW.rehearsed_at IS NOT OLD.rehearsed_at
  OR NEW.people IS NOT OLD.people
  OR NEW.sheets IS NOT OLD.sheets
  OR NEW.note IS NOT OLD.note
BEGIN
  SELECT RAISE(ABORT, 'A rehearsal is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER rehearsals_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON rehearsals
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER fault_events_never_erased BEFORE DELETE ON fault_events
BEGIN
  SELECT RAISE(ABORT, 'A fault is voided, never erased.');
END;
--> statement-breakpoint
CREATE TRIGGER fault_events_never_changed BEFORE UPDATE ON fault_events
WHEN OLD.voided_at IS NOT NULL
  OR NEW.voided_at IS NULL
  OR NEW.void_reason IS NULL
  OR NEW.id IS NOT OLD.id
  OR NEW.rig_id IS NOT OLD.rig_id
  OR NEW.what IS NOT OLD.what
  OR NEW.kind IS NOT OLD.kind
  OR NEW.line_id IS NOT OLD.line_id
  OR NEW.place IS NOT OLD.place
  OR NEW.part_id IS NOT OLD.part_id
  OR NEW.name IS NOT OLD.name
  OR NEW.happened_at IS NOT OLD.happened_at
  OR NEW.note IS NOT OLD.note
BEGIN
  SELECT RAISE(ABORT, 'A fault is voided, never changed.');
END;
--> statement-breakpoint
CREATE TRIGGER fault_events_recording_never_changed BEFORE UPDATE OF recorded_at, sequence ON fault_events
BEGIN
  SELECT RAISE(ABORT, 'When an entry was saved is never changed.');
END;
