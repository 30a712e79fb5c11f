ALTER TABLE `own_profile` MODIFY COLUMN `copied_from` varchar(60);--> statement-breakpoint
ALTER TABLE `own_profile` ADD `removed` boolean DEFAULT false NOT NULL;