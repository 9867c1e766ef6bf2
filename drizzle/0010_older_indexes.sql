DROP INDEX `equipment_looks_thing`;--> statement-breakpoint
DROP INDEX `fills_cylinder`;--> statement-breakpoint
DROP INDEX `levels_cylinder`;