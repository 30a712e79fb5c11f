CREATE TABLE `photo_arriving` (
	`photo_id` binary(16) NOT NULL,
	`n` int NOT NULL,
	`group_id` binary(16) NOT NULL,
	`made_by` binary(16) NOT NULL,
	`bytes` mediumblob NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `photo_arriving_group_id_made_by_photo_id_n_pk` PRIMARY KEY(`group_id`,`made_by`,`photo_id`,`n`)
);
--> statement-breakpoint
ALTER TABLE `photo_arriving` ADD CONSTRAINT `photo_arriving_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo_arriving` ADD CONSTRAINT `photo_arriving_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `photo_arriving_by` ON `photo_arriving` (`made_by`);--> statement-breakpoint
CREATE INDEX `photo_arriving_at` ON `photo_arriving` (`made_at`);