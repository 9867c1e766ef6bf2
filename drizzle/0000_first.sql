CREATE TABLE `appliances` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`name` text NOT NULL,
	`input_w` real NOT NULL,
	`supply` text NOT NULL,
	`position` integer NOT NULL,
	`archived_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "appliances_input" CHECK("appliances"."input_w" > 0)
);
--> statement-breakpoint
CREATE INDEX `appliances_rig` ON `appliances` (`rig_id`);--> statement-breakpoint
CREATE TABLE `cylinders` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`name` text NOT NULL,
	`kind` text NOT NULL,
	`tare_kg` real NOT NULL,
	`water_capacity_kg` real NOT NULL,
	`label_net_kg` real,
	`manufactured_month` text,
	`specification` text,
	`stamps_text` text,
	`overfill_stop` text DEFAULT 'unknown' NOT NULL,
	`label_interval_months` integer,
	`end_of_life_month` text,
	`rule_set_id` text,
	`rule_reason` text,
	`relief_gauge_pa` real,
	`full_mark` text,
	`aboard` integer DEFAULT true NOT NULL,
	`position` integer NOT NULL,
	`archived_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "cylinders_tare" CHECK("cylinders"."tare_kg" > 0 OR ("cylinders"."tare_kg" = 0 AND "cylinders"."kind" = 'onboard')),
	CONSTRAINT "cylinders_water" CHECK("cylinders"."water_capacity_kg" > 0)
);
--> statement-breakpoint
CREATE INDEX `cylinders_rig` ON `cylinders` (`rig_id`);--> statement-breakpoint
CREATE TABLE `equipment` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`kind` text NOT NULL,
	`name` text NOT NULL,
	`made_month` text,
	`replace_by_month` text,
	`position` integer NOT NULL,
	`archived_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `equipment_rig` ON `equipment` (`rig_id`);--> statement-breakpoint
CREATE TABLE `equipment_looks` (
	`id` text PRIMARY KEY NOT NULL,
	`equipment_id` text NOT NULL,
	`looked_at` text NOT NULL,
	`sound` integer NOT NULL,
	`note` text,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`equipment_id`) REFERENCES `equipment`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `equipment_looks_thing` ON `equipment_looks` (`equipment_id`);--> statement-breakpoint
CREATE TABLE `facts` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `fills` (
	`id` text PRIMARY KEY NOT NULL,
	`cylinder_id` text NOT NULL,
	`filled_at` text NOT NULL,
	`mode` text NOT NULL,
	`net_kg` real,
	`metered_m_3` real,
	`shown_before` real,
	`paid` real,
	`note` text,
	`weighing_id` text,
	`level_id` text,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`cylinder_id`) REFERENCES `cylinders`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`weighing_id`) REFERENCES `weighings`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`level_id`) REFERENCES `levels`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `fills_cylinder` ON `fills` (`cylinder_id`);--> statement-breakpoint
CREATE TABLE `levels` (
	`id` text PRIMARY KEY NOT NULL,
	`cylinder_id` text NOT NULL,
	`read_at` text NOT NULL,
	`way` text NOT NULL,
	`shown` real NOT NULL,
	`liquid_fraction` real NOT NULL,
	`temperature_k` real NOT NULL,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`cylinder_id`) REFERENCES `cylinders`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `levels_cylinder` ON `levels` (`cylinder_id`);--> statement-breakpoint
CREATE TABLE `looks` (
	`id` text PRIMARY KEY NOT NULL,
	`cylinder_id` text NOT NULL,
	`looked_at` text NOT NULL,
	`answers` text NOT NULL,
	`note` text,
	`cleared_by` text,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`cylinder_id`) REFERENCES `cylinders`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `looks_cylinder` ON `looks` (`cylinder_id`);--> statement-breakpoint
CREATE TABLE `marks` (
	`id` text PRIMARY KEY NOT NULL,
	`cylinder_id` text NOT NULL,
	`entered_at` text NOT NULL,
	`month` text NOT NULL,
	`letter` text,
	`requalifier` text,
	`form` text NOT NULL,
	`photo_id` text,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`cylinder_id`) REFERENCES `cylinders`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`photo_id`) REFERENCES `photos`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `marks_cylinder` ON `marks` (`cylinder_id`);--> statement-breakpoint
CREATE TABLE `offers` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`place` text NOT NULL,
	`way` text NOT NULL,
	`price` real NOT NULL,
	`contains_kg` real,
	`archived_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "offers_price" CHECK("offers"."price" > 0)
);
--> statement-breakpoint
CREATE INDEX `offers_rig` ON `offers` (`rig_id`);--> statement-breakpoint
CREATE TABLE `photos` (
	`id` text PRIMARY KEY NOT NULL,
	`cylinder_id` text NOT NULL,
	`taken_at` text NOT NULL,
	`type` text NOT NULL,
	`bytes` integer NOT NULL,
	FOREIGN KEY (`cylinder_id`) REFERENCES `cylinders`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `rigs` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`rule_set_id` text DEFAULT 'ten-then-five' NOT NULL,
	`own_rule` text,
	`bottle_school` text DEFAULT 'refillable' NOT NULL,
	`version` integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE `ticks` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`procedure` text NOT NULL,
	`subject_id` text NOT NULL,
	`step_id` text NOT NULL,
	`ticked_at` text NOT NULL,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `ticks_subject` ON `ticks` (`rig_id`,`procedure`,`subject_id`);--> statement-breakpoint
CREATE TABLE `trip_uses` (
	`trip_id` text NOT NULL,
	`appliance_id` text NOT NULL,
	`burn_per_day_s` real NOT NULL,
	PRIMARY KEY(`trip_id`, `appliance_id`),
	FOREIGN KEY (`trip_id`) REFERENCES `trips`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`appliance_id`) REFERENCES `appliances`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `trips` (
	`id` text PRIMARY KEY NOT NULL,
	`rig_id` text NOT NULL,
	`name` text NOT NULL,
	`start_day` text NOT NULL,
	`nights` integer NOT NULL,
	`altitude_m` real NOT NULL,
	`coldest_k` real,
	`reserve_share` real NOT NULL,
	`archived_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "trips_nights" CHECK("trips"."nights" >= 1)
);
--> statement-breakpoint
CREATE INDEX `trips_rig` ON `trips` (`rig_id`);--> statement-breakpoint
CREATE TABLE `weighings` (
	`id` text PRIMARY KEY NOT NULL,
	`cylinder_id` text NOT NULL,
	`weighed_at` text NOT NULL,
	`gross_kg` real NOT NULL,
	`hanging_kg` real NOT NULL,
	`source` text NOT NULL,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`cylinder_id`) REFERENCES `cylinders`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `weighings_cylinder` ON `weighings` (`cylinder_id`,`weighed_at`);