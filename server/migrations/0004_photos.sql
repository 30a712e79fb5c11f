CREATE TABLE `photo` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`patch_id` binary(16) NOT NULL,
	`stand_id` binary(16),
	`day` varchar(10) NOT NULL,
	`width_px` int NOT NULL,
	`height_px` int NOT NULL,
	`content_digest` binary(32) NOT NULL,
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `photo_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `photo_piece` (
	`photo_id` binary(16) NOT NULL,
	`size` enum('small','large') NOT NULL,
	`n` int NOT NULL,
	`bytes` mediumblob NOT NULL,
	CONSTRAINT `photo_piece_photo_id_size_n_pk` PRIMARY KEY(`photo_id`,`size`,`n`)
);
--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_patch_id_patch_id_fk` FOREIGN KEY (`patch_id`) REFERENCES `patch`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo_piece` ADD CONSTRAINT `photo_piece_photo_id_photo_id_fk` FOREIGN KEY (`photo_id`) REFERENCES `photo`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `photo_patch` ON `photo` (`patch_id`,`day`);--> statement-breakpoint
CREATE INDEX `photo_stand` ON `photo` (`stand_id`,`day`);