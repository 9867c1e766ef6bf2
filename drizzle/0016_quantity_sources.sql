ALTER TABLE `appliances` ADD `rated_input_w` real;--> statement-breakpoint
ALTER TABLE `appliances` ADD `sources` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `cylinders` ADD `sources` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `rigs` ADD `shell` text;--> statement-breakpoint
ALTER TABLE `rigs` ADD `sources` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `trip_uses` ADD `sources` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `trips` ADD `sources` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `heaters` ADD `sources` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `rooms` ADD `sources` text DEFAULT '{}' NOT NULL;