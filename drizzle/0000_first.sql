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
	`aboard` integer DEFAULT true NOT NULL,
	`position` integer NOT NULL,
	`archived_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`rig_id`) REFERENCES `rigs`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "cylinders_tare" CHECK("cylinders"."tare_kg" > 0),
	CONSTRAINT "cylinders_water" CHECK("cylinders"."water_capacity_kg" > 0)
);
--> statement-breakpoint
CREATE INDEX `cylinders_rig` ON `cylinders` (`rig_id`);--> statement-breakpoint
CREATE TABLE `facts` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `rigs` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`version` integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
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