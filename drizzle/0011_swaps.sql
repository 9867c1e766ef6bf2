CREATE TABLE `swaps` (
	`id` text PRIMARY KEY NOT NULL,
	`cylinder_id` text NOT NULL,
	`other_id` text,
	`swapped_at` text NOT NULL,
	`found` text NOT NULL,
	`other_shut` integer,
	`level_id` text,
	`voided_at` text,
	`void_reason` text,
	FOREIGN KEY (`cylinder_id`) REFERENCES `cylinders`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`other_id`) REFERENCES `cylinders`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`level_id`) REFERENCES `levels`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `swaps_last` ON `swaps` (`cylinder_id`,`swapped_at`);--> statement-breakpoint
CREATE INDEX `swaps_other` ON `swaps` (`other_id`,`swapped_at`);