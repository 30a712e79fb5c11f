CREATE TABLE `reset_link` (
	`id` binary(16) NOT NULL,
	`account_id` binary(16) NOT NULL,
	`token_digest` binary(32) NOT NULL,
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	`expires_at` datetime(3) NOT NULL,
	`used_at` datetime(3),
	CONSTRAINT `reset_link_id` PRIMARY KEY(`id`),
	CONSTRAINT `reset_link_token` UNIQUE(`token_digest`)
);
--> statement-breakpoint
ALTER TABLE `stand` DROP FOREIGN KEY `stand_patch_id_patch_id_fk`;
--> statement-breakpoint
ALTER TABLE `entry` DROP FOREIGN KEY `entry_patch_id_patch_id_fk`;
--> statement-breakpoint
ALTER TABLE `entry` DROP FOREIGN KEY `entry_stand_id_stand_id_fk`;
--> statement-breakpoint
ALTER TABLE `weather_import` DROP FOREIGN KEY `weather_import_station_id_station_id_fk`;
--> statement-breakpoint
ALTER TABLE `photo` DROP FOREIGN KEY `photo_patch_id_patch_id_fk`;
--> statement-breakpoint
ALTER TABLE `photo` DROP FOREIGN KEY `photo_stand_id_stand_id_fk`;
--> statement-breakpoint
ALTER TABLE `house_rule` MODIFY COLUMN `since_day` date NOT NULL;--> statement-breakpoint
ALTER TABLE `house_rule` MODIFY COLUMN `until_day` date;--> statement-breakpoint
ALTER TABLE `stand` MODIFY COLUMN `rest_until` date;--> statement-breakpoint
ALTER TABLE `entry` MODIFY COLUMN `day` date NOT NULL;--> statement-breakpoint
ALTER TABLE `path` MODIFY COLUMN `day` date;--> statement-breakpoint
ALTER TABLE `photo` MODIFY COLUMN `day` date NOT NULL;--> statement-breakpoint
ALTER TABLE `announcement` MODIFY COLUMN `day` date NOT NULL;--> statement-breakpoint
ALTER TABLE `announcement` MODIFY COLUMN `planned_day` date NOT NULL;--> statement-breakpoint
ALTER TABLE `announcement` MODIFY COLUMN `moved_from` date;--> statement-breakpoint
ALTER TABLE `announcement` MODIFY COLUMN `moved_on` date;--> statement-breakpoint
ALTER TABLE `account` ADD `removed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `house_rule` ADD `plant_key` varchar(60);--> statement-breakpoint
ALTER TABLE `house_rule` ADD `stand_id` binary(16);--> statement-breakpoint
ALTER TABLE `house_rule` ADD `reason` varchar(200) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `patch` ADD `retired_on` date;--> statement-breakpoint
ALTER TABLE `patch` ADD `retired_why` varchar(200) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `stand` ADD `retired_on` date;--> statement-breakpoint
ALTER TABLE `stand` ADD `retired_why` varchar(200) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `entry` ADD `taken` decimal(12,3) GENERATED ALWAYS AS (CASE WHEN kind = 'take' THEN CAST(JSON_VALUE(body, '$.amount') AS DECIMAL(12, 3)) END) STORED;--> statement-breakpoint
ALTER TABLE `place_import` ADD `made` json;--> statement-breakpoint
ALTER TABLE `weather_import` ADD `made` json;--> statement-breakpoint
ALTER TABLE `station` ADD `retired_on` date;--> statement-breakpoint
ALTER TABLE `patch` ADD CONSTRAINT `patch_of_group` UNIQUE(`group_id`,`id`);--> statement-breakpoint
ALTER TABLE `stand` ADD CONSTRAINT `stand_of_group` UNIQUE(`group_id`,`id`);--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_of_group` UNIQUE(`group_id`,`id`);--> statement-breakpoint
ALTER TABLE `station` ADD CONSTRAINT `station_of_group` UNIQUE(`group_id`,`id`);--> statement-breakpoint
ALTER TABLE `reset_link` ADD CONSTRAINT `reset_link_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `reset_link` ADD CONSTRAINT `reset_link_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `reset_link_end` ON `reset_link` (`expires_at`);--> statement-breakpoint
ALTER TABLE `patch` ADD CONSTRAINT `patch_on_earth` CHECK (`patch`.`latitude_deg` BETWEEN -90 AND 90 AND `patch`.`longitude_deg` BETWEEN -180 AND 180);--> statement-breakpoint
ALTER TABLE `patch` ADD CONSTRAINT `patch_height` CHECK (`patch`.`height_m` BETWEEN -500 AND 9000);--> statement-breakpoint
ALTER TABLE `stand` ADD CONSTRAINT `stand_counts` CHECK (`stand`.`version` >= 1 AND `stand`.`revision` >= 1);--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_taken` CHECK (`entry`.`taken` IS NULL OR `entry`.`taken` >= 0);--> statement-breakpoint
ALTER TABLE `station` ADD CONSTRAINT `station_on_earth` CHECK (`station`.`latitude_deg` BETWEEN -90 AND 90 AND `station`.`longitude_deg` BETWEEN -180 AND 180);--> statement-breakpoint
ALTER TABLE `station_day` ADD CONSTRAINT `station_day_order` CHECK (`station_day`.`min_c` <= `station_day`.`max_c`);--> statement-breakpoint
ALTER TABLE `station_day` ADD CONSTRAINT `station_day_rain` CHECK (`station_day`.`rain_mm` IS NULL OR `station_day`.`rain_mm` >= 0);--> statement-breakpoint
ALTER TABLE `house_rule` ADD CONSTRAINT `house_rule_stand` FOREIGN KEY (`group_id`,`stand_id`) REFERENCES `stand`(`group_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `patch` ADD CONSTRAINT `patch_station` FOREIGN KEY (`group_id`,`station_id`) REFERENCES `station`(`group_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `stand` ADD CONSTRAINT `stand_at_patch` FOREIGN KEY (`group_id`,`patch_id`) REFERENCES `patch`(`group_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_at_patch` FOREIGN KEY (`group_id`,`patch_id`) REFERENCES `patch`(`group_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_of_stand` FOREIGN KEY (`group_id`,`stand_id`) REFERENCES `stand`(`group_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_replaced` FOREIGN KEY (`group_id`,`replaces`) REFERENCES `entry`(`group_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `weather_import` ADD CONSTRAINT `weather_import_station` FOREIGN KEY (`group_id`,`station_id`) REFERENCES `station`(`group_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_at_patch` FOREIGN KEY (`group_id`,`patch_id`) REFERENCES `patch`(`group_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_of_stand` FOREIGN KEY (`group_id`,`stand_id`) REFERENCES `stand`(`group_id`,`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `session_end` ON `session` (`expires_at`);--> statement-breakpoint
CREATE INDEX `patch_state` ON `patch` (`group_id`,`version`);--> statement-breakpoint
CREATE INDEX `stand_state` ON `stand` (`group_id`,`revision`);--> statement-breakpoint
CREATE INDEX `weather_import_made` ON `weather_import` (`made_at`);--> statement-breakpoint
CREATE INDEX `place_import_made` ON `place_import` (`made_at`);--> statement-breakpoint
CREATE INDEX `rate_limit_reset` ON `rate_limit` (`reset_at`);--> statement-breakpoint
DROP INDEX `stand_group` ON `stand`;--> statement-breakpoint
DROP INDEX `station_group` ON `station`;--> statement-breakpoint
DROP INDEX `weather_import_group` ON `weather_import`;
