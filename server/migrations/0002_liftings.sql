ALTER TABLE `patch_history` ADD `lifted` json DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `patch_history` ADD `reason` varchar(300) DEFAULT '' NOT NULL;