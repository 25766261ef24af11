CREATE TABLE `lays` (
	`key` text PRIMARY KEY NOT NULL,
	`length` real NOT NULL,
	`utilisation` real NOT NULL,
	`placements` text NOT NULL,
	`settled` integer NOT NULL,
	`found_at` text NOT NULL
);
--> statement-breakpoint
ALTER TABLE `logs` ADD `key` text;--> statement-breakpoint
CREATE INDEX `logs_key` ON `logs` (`key`);--> statement-breakpoint
ALTER TABLE `makes` ADD `chalked` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `makes` ADD `basis` text;--> statement-breakpoint
ALTER TABLE `measurements` ADD `key` text;--> statement-breakpoint
CREATE INDEX `measurements_key` ON `measurements` (`key`);