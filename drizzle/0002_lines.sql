CREATE TABLE `hold_tests` (
	`id` text PRIMARY KEY NOT NULL,
	`line_id` text NOT NULL,
	`held_at` text NOT NULL,
	`side` text NOT NULL,
	`input` text NOT NULL,
	`outcome` text NOT NULL,
	`open_branches` text,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`line_id`) REFERENCES `lines`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `hold_tests_line` ON `hold_tests` (`line_id`);--> statement-breakpoint
CREATE TABLE `leak_closings` (
	`id` text PRIMARY KEY NOT NULL,
	`test_id` text NOT NULL,
	`closed_at` text NOT NULL,
	`burned` text NOT NULL,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`test_id`) REFERENCES `leak_tests`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `leak_closings_test` ON `leak_closings` (`test_id`);--> statement-breakpoint
CREATE TABLE `leak_readings` (
	`id` text PRIMARY KEY NOT NULL,
	`test_id` text NOT NULL,
	`item_id` text NOT NULL,
	`grade` text NOT NULL,
	`left_for_technician` integer NOT NULL,
	`read_at` text NOT NULL,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`test_id`) REFERENCES `leak_tests`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `leak_readings_test` ON `leak_readings` (`test_id`);--> statement-breakpoint
CREATE TABLE `leak_tests` (
	`id` text PRIMARY KEY NOT NULL,
	`line_id` text NOT NULL,
	`started_at` text NOT NULL,
	`fingerprint` text NOT NULL,
	`sheet` text NOT NULL,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`line_id`) REFERENCES `lines`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `leak_tests_line` ON `leak_tests` (`line_id`);--> statement-breakpoint
CREATE TABLE `line_changes` (
	`id` text PRIMARY KEY NOT NULL,
	`line_id` text NOT NULL,
	`changed_at` text NOT NULL,
	`words` text NOT NULL,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`line_id`) REFERENCES `lines`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `line_changes_line` ON `line_changes` (`line_id`);--> statement-breakpoint
CREATE TABLE `lines` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`name` text NOT NULL,
	`line` text NOT NULL,
	`position` integer NOT NULL,
	`archived_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `lines_rig` ON `lines` (`rig_id`);