CREATE TABLE `taste` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`account_id` binary(16) NOT NULL,
	`plant_key` varchar(60),
	`family` varchar(60),
	`part` varchar(20),
	`batch_id` binary(16),
	`day` date NOT NULL,
	`cooked` boolean NOT NULL,
	`outcome` varchar(10) NOT NULL,
	`note` varchar(600) NOT NULL,
	`shared` boolean NOT NULL,
	`revision` int NOT NULL DEFAULT 1,
	`removed_at` datetime(3),
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `taste_id` PRIMARY KEY(`id`),
	CONSTRAINT `taste_of` CHECK((`taste`.`plant_key` IS NULL) <> (`taste`.`family` IS NULL))
);
--> statement-breakpoint
ALTER TABLE `taste` ADD CONSTRAINT `taste_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `taste` ADD CONSTRAINT `taste_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `taste_group` ON `taste` (`group_id`,`account_id`);