CREATE TABLE `path` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`name` varchar(80) NOT NULL,
	`kind` enum('track','route') NOT NULL,
	`day` varchar(10),
	`length_m` double NOT NULL,
	`geometry` json NOT NULL,
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `path_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `place_import` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`file_name` varchar(120) NOT NULL,
	`format` enum('gpx','geojson','kml','kmz','csv') NOT NULL,
	`packed` mediumblob NOT NULL,
	`reading` json NOT NULL,
	`stored_at` datetime(3),
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `place_import_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `path` ADD CONSTRAINT `path_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `path` ADD CONSTRAINT `path_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `place_import` ADD CONSTRAINT `place_import_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `place_import` ADD CONSTRAINT `place_import_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `path_group` ON `path` (`group_id`);--> statement-breakpoint
CREATE INDEX `place_import_group` ON `place_import` (`group_id`);