CREATE TABLE `announcement` (
	`group_id` binary(16) NOT NULL,
	`key_digest` binary(32) NOT NULL,
	`day` varchar(10) NOT NULL,
	`sequence` int NOT NULL DEFAULT 0,
	`planned_day` varchar(10) NOT NULL,
	`moved_from` varchar(10),
	`moved_on` varchar(10),
	CONSTRAINT `announcement_group_id_key_digest_pk` PRIMARY KEY(`group_id`,`key_digest`)
);
--> statement-breakpoint
CREATE TABLE `calendar_feed` (
	`group_id` binary(16) NOT NULL,
	`account_id` binary(16) NOT NULL,
	`token_digest` binary(32) NOT NULL,
	`kinds` json NOT NULL,
	`made_at` datetime(3) NOT NULL,
	`last_read_at` datetime(3),
	CONSTRAINT `calendar_feed_group_id_account_id_pk` PRIMARY KEY(`group_id`,`account_id`),
	CONSTRAINT `calendar_feed_token` UNIQUE(`token_digest`)
);
--> statement-breakpoint
ALTER TABLE `announcement` ADD CONSTRAINT `announcement_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `calendar_feed` ADD CONSTRAINT `calendar_feed_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `calendar_feed` ADD CONSTRAINT `calendar_feed_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `announcement_day` ON `announcement` (`group_id`,`day`);