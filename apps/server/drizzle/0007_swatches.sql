CREATE TABLE `declined` (
	`id` text PRIMARY KEY NOT NULL
);
--> statement-breakpoint
CREATE TABLE `swatches` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`archived_at` text,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`kind` text NOT NULL,
	`cloth_id` text,
	`elastic_id` text,
	`way` text DEFAULT 'across' NOT NULL,
	`before` real NOT NULL,
	`after` real NOT NULL,
	`steamed` real,
	`taken_on` text NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`cloth_id`) REFERENCES `cloths`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`elastic_id`) REFERENCES `elastics`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `swatches_cloth` ON `swatches` (`cloth_id`);