CREATE TABLE `tide_place` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`name` varchar(80) NOT NULL,
	`latitude_deg` double NOT NULL,
	`longitude_deg` double NOT NULL,
	`source` json NOT NULL,
	`content_digest` binary(32) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `tide_place_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `tide_place` ADD CONSTRAINT `tide_place_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `tide_place_group` ON `tide_place` (`group_id`);