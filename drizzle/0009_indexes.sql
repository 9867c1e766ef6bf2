CREATE INDEX `equipment_looks_last` ON `equipment_looks` (`equipment_id`,`looked_at`);--> statement-breakpoint
CREATE INDEX `fills_last` ON `fills` (`cylinder_id`,`filled_at`);--> statement-breakpoint
CREATE INDEX `levels_last` ON `levels` (`cylinder_id`,`read_at`);--> statement-breakpoint
CREATE INDEX `ticks_at` ON `ticks` (`rig_id`,`ticked_at`);--> statement-breakpoint
CREATE INDEX `weighings_at` ON `weighings` (`weighed_at`);