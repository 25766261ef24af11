CREATE TABLE `cloths` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`archived_at` text,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`name` text NOT NULL,
	`fibre` text DEFAULT '' NOT NULL,
	`colour` text DEFAULT '#b96a5a' NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	`width` real NOT NULL,
	`selvedge` real DEFAULT 10 NOT NULL,
	`kind` text NOT NULL,
	`weight` text DEFAULT 'medium' NOT NULL,
	`stretch_across` real DEFAULT 0 NOT NULL,
	`stretch_along` real DEFAULT 0 NOT NULL,
	`shrink_across` real DEFAULT 0 NOT NULL,
	`shrink_along` real DEFAULT 0 NOT NULL,
	`print` text DEFAULT 'none' NOT NULL,
	`one_way` integer DEFAULT false NOT NULL,
	`sheer` integer DEFAULT false NOT NULL,
	`frays` integer DEFAULT true NOT NULL,
	`prewashed` integer DEFAULT false NOT NULL,
	`length_on_hand` real,
	`price_per_metre` real
);
--> statement-breakpoint
CREATE TABLE `elastics` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`archived_at` text,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`name` text NOT NULL,
	`kind` text NOT NULL,
	`width` real NOT NULL,
	`greatest_stretch` real NOT NULL,
	`length_on_hand` real,
	`note` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE TABLE `logs` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`make_id` text NOT NULL,
	`finished_on` text NOT NULL,
	`verdict` text NOT NULL,
	`actuals` text NOT NULL,
	`planned` text NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	`next_time` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`make_id`) REFERENCES `makes`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `logs_make` ON `logs` (`make_id`);--> statement-breakpoint
CREATE TABLE `makes` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`archived_at` text,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`name` text NOT NULL,
	`construction` text NOT NULL,
	`person_id` text NOT NULL,
	`cloth_id` text,
	`elastic_id` text,
	`choices` text NOT NULL,
	`due_on` text,
	`station` text DEFAULT 'measure' NOT NULL,
	`done` text NOT NULL,
	`summary` text NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`cloth_id`) REFERENCES `cloths`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`elastic_id`) REFERENCES `elastics`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `makes_person` ON `makes` (`person_id`);--> statement-breakpoint
CREATE TABLE `measurements` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`person_id` text NOT NULL,
	`measure` text NOT NULL,
	`value` real NOT NULL,
	`taken_on` text NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `measurements_person` ON `measurements` (`person_id`);--> statement-breakpoint
CREATE TABLE `people` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`archived_at` text,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`name` text NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	`child` integer DEFAULT false NOT NULL
);
