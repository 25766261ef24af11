CREATE TABLE `photos` (
	`id` text PRIMARY KEY NOT NULL,
	`make_id` text NOT NULL,
	`width` integer NOT NULL,
	`height` integer NOT NULL,
	`image` blob NOT NULL,
	`thumb` blob NOT NULL,
	`created_at` text NOT NULL,
	`struck_at` text,
	FOREIGN KEY (`make_id`) REFERENCES `makes`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `photos_make` ON `photos` (`make_id`);