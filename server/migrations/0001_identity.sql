CREATE TABLE `clearance` (
	`group_id` binary(16) NOT NULL,
	`account_id` binary(16) NOT NULL,
	`family` varchar(60) NOT NULL,
	`clearance` enum('cleared','closed') NOT NULL,
	`how` enum('member','practice') NOT NULL,
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `clearance_group_id_account_id_family_pk` PRIMARY KEY(`group_id`,`account_id`,`family`)
);
--> statement-breakpoint
ALTER TABLE `clearance` ADD CONSTRAINT `clearance_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `clearance` ADD CONSTRAINT `clearance_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `clearance` ADD CONSTRAINT `clearance_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
-- Entries of before: what was said of an identity named no phase and no signs of the vocabulary, and a search no plant by its key.
UPDATE `entry` SET `body` = JSON_SET(`body`, '$.phase', NULL, '$.seen', JSON_ARRAY(), '$.leftOpen', JSON_ARRAY()) WHERE `kind` = 'identity';--> statement-breakpoint
UPDATE `entry` SET `body` = JSON_SET(`body`, '$.plantKey', NULL) WHERE `kind` = 'search';
