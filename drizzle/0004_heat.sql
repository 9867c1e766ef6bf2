CREATE TABLE `heaters` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`appliance_id` text,
	`name` text NOT NULL,
	`heater` text NOT NULL,
	`price` real,
	`lasts_nights` real,
	`position` integer NOT NULL,
	`archived_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`appliance_id`) REFERENCES `appliances`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `heaters_rig` ON `heaters` (`rig_id`);--> statement-breakpoint
CREATE TABLE `manual_pages` (
	`id` text PRIMARY KEY NOT NULL,
	`heater_id` text NOT NULL,
	`taken_at` text NOT NULL,
	`type` text NOT NULL,
	`bytes` integer NOT NULL,
	FOREIGN KEY (`heater_id`) REFERENCES `heaters`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `manual_pages_heater` ON `manual_pages` (`heater_id`);--> statement-breakpoint
CREATE TABLE `rooms` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`name` text NOT NULL,
	`shelter` text NOT NULL,
	`position` integer NOT NULL,
	`archived_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `rooms_rig` ON `rooms` (`rig_id`);--> statement-breakpoint
CREATE TABLE `warm_ups` (
	`id` text PRIMARY KEY NOT NULL,
	`room_id` text NOT NULL,
	`logged_at` text NOT NULL,
	`log` text NOT NULL,
	`setting_known` integer NOT NULL,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`room_id`) REFERENCES `rooms`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `warm_ups_room` ON `warm_ups` (`room_id`);--> statement-breakpoint
ALTER TABLE `rigs` ADD `heatless` integer DEFAULT false NOT NULL;