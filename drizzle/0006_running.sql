ALTER TABLE `appliances` ADD `kind` text DEFAULT 'other' NOT NULL;--> statement-breakpoint
ALTER TABLE `appliances` ADD `pilot_w` real DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `appliances` ADD `current_a` real DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `appliances` ADD `needs_battery` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `appliances` ADD `cylinder_id` text REFERENCES cylinders(id);--> statement-breakpoint
ALTER TABLE `rigs` ADD `battery` text;--> statement-breakpoint
ALTER TABLE `trip_uses` ADD `habit` text;--> statement-breakpoint
ALTER TABLE `trip_uses` ADD `by_night` text;--> statement-breakpoint
ALTER TABLE `trips` ADD `settings` text;--> statement-breakpoint
ALTER TABLE `trips` ADD `forecast` text;