CREATE TABLE `permit` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`kind` varchar(10) NOT NULL,
	`name` varchar(80) NOT NULL,
	`plant_key` varchar(60) NOT NULL,
	`part` varchar(20) NOT NULL,
	`measure` varchar(10) NOT NULL,
	`amount` double NOT NULL,
	`from_day` date NOT NULL,
	`until_day` date NOT NULL,
	`patch_ids` json NOT NULL,
	`note` varchar(400) NOT NULL,
	`revision` int NOT NULL DEFAULT 1,
	`version` int NOT NULL DEFAULT 1,
	`removed_at` datetime(3),
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `permit_id` PRIMARY KEY(`id`),
	CONSTRAINT `permit_days` CHECK(`permit`.`from_day` <= `permit`.`until_day`),
	CONSTRAINT `permit_amount` CHECK(`permit`.`amount` > 0)
);
--> statement-breakpoint
ALTER TABLE `permit` ADD CONSTRAINT `permit_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `permit` ADD CONSTRAINT `permit_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `permit_group` ON `permit` (`group_id`,`version`);