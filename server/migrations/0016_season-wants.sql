CREATE TABLE `season_want` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`name` varchar(80) NOT NULL,
	`of` json NOT NULL,
	`measure` varchar(10) NOT NULL,
	`made_unit` varchar(30) NOT NULL,
	`amount` double NOT NULL,
	`weekly` boolean NOT NULL,
	`from_day` date NOT NULL,
	`until_day` date NOT NULL,
	`place` double NOT NULL,
	`revision` int NOT NULL DEFAULT 1,
	`removed_at` datetime(3),
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `season_want_id` PRIMARY KEY(`id`),
	CONSTRAINT `season_want_days` CHECK(`season_want`.`from_day` <= `season_want`.`until_day`),
	CONSTRAINT `season_want_amount` CHECK(`season_want`.`amount` > 0)
);
--> statement-breakpoint
ALTER TABLE `season_want` ADD CONSTRAINT `season_want_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `season_want` ADD CONSTRAINT `season_want_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `season_want_group` ON `season_want` (`group_id`,`place`);