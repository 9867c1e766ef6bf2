CREATE TABLE `acceptances` (
	`id` text PRIMARY KEY NOT NULL,
	`trip_id` text NOT NULL,
	`finding_key` text NOT NULL,
	`sentence` text NOT NULL,
	`reason` text NOT NULL,
	`accepted_at` text NOT NULL,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`trip_id`) REFERENCES `trips`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `acceptances_trip` ON `acceptances` (`trip_id`);--> statement-breakpoint
CREATE TABLE `lessons` (
	`id` text PRIMARY KEY NOT NULL,
	`trip_id` text NOT NULL,
	`supply` text NOT NULL,
	`answer` text NOT NULL,
	`factor` real NOT NULL,
	`burnt_kg` real NOT NULL,
	`planned_kg` real NOT NULL,
	`until_at` text NOT NULL,
	`learned_at` text NOT NULL,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`trip_id`) REFERENCES `trips`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `lessons_trip` ON `lessons` (`trip_id`);--> statement-breakpoint
CREATE TABLE `verdicts` (
	`id` text PRIMARY KEY NOT NULL,
	`trip_id` text NOT NULL,
	`judged_at` text NOT NULL,
	`verdict` text NOT NULL,
	`fingerprint` text NOT NULL,
	`kept` text NOT NULL,
	FOREIGN KEY (`trip_id`) REFERENCES `trips`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `verdicts_trip` ON `verdicts` (`trip_id`,`judged_at`);--> statement-breakpoint
ALTER TABLE `rigs` ADD `archived_at` text;