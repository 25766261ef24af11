ALTER TABLE `logs` ADD `struck_at` text;--> statement-breakpoint
ALTER TABLE `measurements` ADD `struck_at` text;