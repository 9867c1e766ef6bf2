CREATE TABLE `photo_contents` (
	`hash` text PRIMARY KEY NOT NULL,
	`bytes` blob NOT NULL
);
--> statement-breakpoint
ALTER TABLE `equipment_looks` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `equipment_looks` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `fills` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `fills` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `levels` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `levels` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `looks` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `looks` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `marks` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `marks` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `photos` ADD `content_hash` text;--> statement-breakpoint
ALTER TABLE `ticks` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `ticks` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `weighings` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `weighings` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `hold_tests` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `hold_tests` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `leak_closings` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `leak_closings` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `leak_readings` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `leak_readings` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `leak_tests` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `leak_tests` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `line_changes` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `line_changes` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `manual_pages` ADD `content_hash` text;--> statement-breakpoint
ALTER TABLE `warm_ups` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `warm_ups` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `acceptances` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `acceptances` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `lessons` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `lessons` ADD `sequence` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `swaps` ADD `recorded_at` text;--> statement-breakpoint
ALTER TABLE `swaps` ADD `sequence` integer DEFAULT 0 NOT NULL;