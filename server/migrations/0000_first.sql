CREATE TABLE `account` (
	`id` binary(16) NOT NULL,
	`sign_in_name` varchar(40) NOT NULL,
	`name` varchar(60) NOT NULL,
	`password_hash` varchar(200) NOT NULL,
	`demo` boolean NOT NULL DEFAULT false,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `account_id` PRIMARY KEY(`id`),
	CONSTRAINT `account_sign_in_name` UNIQUE(`sign_in_name`)
);
--> statement-breakpoint
CREATE TABLE `audit` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16),
	`account_id` binary(16),
	`at` datetime(3) NOT NULL,
	`action` varchar(40) NOT NULL,
	`detail` json NOT NULL,
	CONSTRAINT `audit_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `founding_code` (
	`only_row` int NOT NULL,
	`code_digest` binary(32) NOT NULL,
	CONSTRAINT `founding_code_only_row` PRIMARY KEY(`only_row`)
);
--> statement-breakpoint
CREATE TABLE `group_` (
	`id` binary(16) NOT NULL,
	`name` varchar(80) NOT NULL,
	`zone` varchar(60) NOT NULL,
	`units` enum('metric','imperial') NOT NULL,
	`has_base_map` boolean NOT NULL DEFAULT false,
	`revision` int NOT NULL DEFAULT 1,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `group__id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `house_rule` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`kind` varchar(30) NOT NULL,
	`rule` json NOT NULL,
	`since_day` varchar(10) NOT NULL,
	`until_day` varchar(10),
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `house_rule_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `invitation` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`role` enum('watcher','picker','keeper') NOT NULL,
	`token_digest` binary(32) NOT NULL,
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	`expires_at` datetime(3) NOT NULL,
	`used_by` binary(16),
	`withdrawn` boolean NOT NULL DEFAULT false,
	CONSTRAINT `invitation_id` PRIMARY KEY(`id`),
	CONSTRAINT `invitation_token` UNIQUE(`token_digest`)
);
--> statement-breakpoint
CREATE TABLE `membership` (
	`group_id` binary(16) NOT NULL,
	`account_id` binary(16) NOT NULL,
	`role` enum('watcher','picker','keeper') NOT NULL,
	CONSTRAINT `membership_group_id_account_id_pk` PRIMARY KEY(`group_id`,`account_id`)
);
--> statement-breakpoint
CREATE TABLE `session` (
	`id` binary(16) NOT NULL,
	`token_digest` binary(32) NOT NULL,
	`account_id` binary(16) NOT NULL,
	`cross_site_token` varchar(64) NOT NULL,
	`browser` varchar(120) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	`last_seen_at` datetime(3) NOT NULL,
	`expires_at` datetime(3) NOT NULL,
	CONSTRAINT `session_id` PRIMARY KEY(`id`),
	CONSTRAINT `session_token` UNIQUE(`token_digest`)
);
--> statement-breakpoint
CREATE TABLE `own_profile` (
	`group_id` binary(16) NOT NULL,
	`plant_key` varchar(60) NOT NULL,
	`revision` int NOT NULL,
	`copied_from` varchar(60) NOT NULL,
	`profile` json NOT NULL,
	`note` varchar(400) NOT NULL,
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `own_profile_group_id_plant_key_revision_pk` PRIMARY KEY(`group_id`,`plant_key`,`revision`)
);
--> statement-breakpoint
CREATE TABLE `patch` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`name` varchar(80) NOT NULL,
	`geometry` json NOT NULL,
	`latitude_deg` double NOT NULL,
	`longitude_deg` double NOT NULL,
	`height_m` double NOT NULL,
	`facts` json NOT NULL,
	`secret` boolean NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	`content_digest` binary(32) NOT NULL,
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `patch_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `patch_history` (
	`id` binary(16) NOT NULL,
	`patch_id` binary(16) NOT NULL,
	`version` int NOT NULL,
	`before_change` json NOT NULL,
	`changed_by` binary(16) NOT NULL,
	`changed_at` datetime(3) NOT NULL,
	CONSTRAINT `patch_history_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `stand` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`patch_id` binary(16) NOT NULL,
	`plant_key` varchar(60) NOT NULL,
	`where_in_patch` varchar(80) NOT NULL,
	`identity` enum('unconfirmed','provisional','confirmed') NOT NULL,
	`since_year` int,
	`rest_until` varchar(10),
	`rest_reason` varchar(200) NOT NULL DEFAULT '',
	`version` int NOT NULL DEFAULT 1,
	`revision` int NOT NULL DEFAULT 1,
	`content_digest` binary(32) NOT NULL,
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `stand_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `entry` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`kind` varchar(30) NOT NULL,
	`schema_version` int NOT NULL,
	`patch_id` binary(16) NOT NULL,
	`stand_id` binary(16),
	`visit_id` binary(16),
	`day` varchar(10) NOT NULL,
	`zone` varchar(60) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	`stored_at` datetime(3) NOT NULL,
	`device` varchar(80) NOT NULL,
	`replaces` binary(16),
	`body` json NOT NULL,
	`content_digest` binary(32) NOT NULL,
	`made_by` binary(16) NOT NULL,
	CONSTRAINT `entry_id` PRIMARY KEY(`id`),
	CONSTRAINT `entry_replaces` UNIQUE(`replaces`)
);
--> statement-breakpoint
CREATE TABLE `sought` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`what` varchar(120) NOT NULL,
	`note` varchar(600) NOT NULL,
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	`ended_at` datetime(3),
	`content_digest` binary(32) NOT NULL,
	CONSTRAINT `sought_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `take_verdict` (
	`entry_id` binary(16) NOT NULL,
	`verdict` enum('within','over') NOT NULL,
	`left_before` decimal(12,3),
	`left_after` decimal(12,3),
	`allowance` json NOT NULL,
	`plant_revision` int NOT NULL,
	`model_revision` varchar(20) NOT NULL,
	CONSTRAINT `take_verdict_entry_id` PRIMARY KEY(`entry_id`)
);
--> statement-breakpoint
CREATE TABLE `station` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`name` varchar(80) NOT NULL,
	`latitude_deg` double NOT NULL,
	`longitude_deg` double NOT NULL,
	`height_m` double NOT NULL,
	`source` enum('csv','simulated') NOT NULL,
	`revision` int NOT NULL DEFAULT 1,
	`content_digest` binary(32) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `station_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `station_day` (
	`station_id` binary(16) NOT NULL,
	`day` int NOT NULL,
	`min_c` decimal(4,1) NOT NULL,
	`max_c` decimal(4,1) NOT NULL,
	`rain_mm` decimal(5,1),
	`outlook` boolean NOT NULL,
	CONSTRAINT `station_day_station_id_day_pk` PRIMARY KEY(`station_id`,`day`)
);
--> statement-breakpoint
CREATE TABLE `weather_import` (
	`id` binary(16) NOT NULL,
	`group_id` binary(16) NOT NULL,
	`station_id` binary(16) NOT NULL,
	`file_name` varchar(120) NOT NULL,
	`content` mediumblob NOT NULL,
	`reading` json NOT NULL,
	`stored_at` datetime(3),
	`made_by` binary(16) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `weather_import_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `rate_limit` (
	`limit_key` varchar(120) NOT NULL,
	`hits` int NOT NULL,
	`reset_at` datetime(3) NOT NULL,
	CONSTRAINT `rate_limit_limit_key` PRIMARY KEY(`limit_key`)
);
--> statement-breakpoint
ALTER TABLE `audit` ADD CONSTRAINT `audit_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `audit` ADD CONSTRAINT `audit_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `house_rule` ADD CONSTRAINT `house_rule_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `house_rule` ADD CONSTRAINT `house_rule_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `invitation` ADD CONSTRAINT `invitation_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `invitation` ADD CONSTRAINT `invitation_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `invitation` ADD CONSTRAINT `invitation_used_by_account_id_fk` FOREIGN KEY (`used_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `membership` ADD CONSTRAINT `membership_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `membership` ADD CONSTRAINT `membership_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `session` ADD CONSTRAINT `session_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `own_profile` ADD CONSTRAINT `own_profile_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `own_profile` ADD CONSTRAINT `own_profile_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `patch` ADD CONSTRAINT `patch_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `patch` ADD CONSTRAINT `patch_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `patch_history` ADD CONSTRAINT `patch_history_patch_id_patch_id_fk` FOREIGN KEY (`patch_id`) REFERENCES `patch`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `patch_history` ADD CONSTRAINT `patch_history_changed_by_account_id_fk` FOREIGN KEY (`changed_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `stand` ADD CONSTRAINT `stand_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `stand` ADD CONSTRAINT `stand_patch_id_patch_id_fk` FOREIGN KEY (`patch_id`) REFERENCES `patch`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `stand` ADD CONSTRAINT `stand_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_patch_id_patch_id_fk` FOREIGN KEY (`patch_id`) REFERENCES `patch`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `sought` ADD CONSTRAINT `sought_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `sought` ADD CONSTRAINT `sought_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `take_verdict` ADD CONSTRAINT `take_verdict_entry_id_entry_id_fk` FOREIGN KEY (`entry_id`) REFERENCES `entry`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `station` ADD CONSTRAINT `station_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `station_day` ADD CONSTRAINT `station_day_station_id_station_id_fk` FOREIGN KEY (`station_id`) REFERENCES `station`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `weather_import` ADD CONSTRAINT `weather_import_group_id_group__id_fk` FOREIGN KEY (`group_id`) REFERENCES `group_`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `weather_import` ADD CONSTRAINT `weather_import_station_id_station_id_fk` FOREIGN KEY (`station_id`) REFERENCES `station`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `weather_import` ADD CONSTRAINT `weather_import_made_by_account_id_fk` FOREIGN KEY (`made_by`) REFERENCES `account`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `audit_group` ON `audit` (`group_id`,`at`);--> statement-breakpoint
CREATE INDEX `house_rule_group` ON `house_rule` (`group_id`,`kind`);--> statement-breakpoint
CREATE INDEX `invitation_group` ON `invitation` (`group_id`);--> statement-breakpoint
CREATE INDEX `membership_account` ON `membership` (`account_id`);--> statement-breakpoint
CREATE INDEX `session_account` ON `session` (`account_id`);--> statement-breakpoint
CREATE INDEX `patch_group` ON `patch` (`group_id`,`name`);--> statement-breakpoint
CREATE INDEX `patch_history_patch` ON `patch_history` (`patch_id`,`version`);--> statement-breakpoint
CREATE INDEX `stand_group` ON `stand` (`group_id`);--> statement-breakpoint
CREATE INDEX `stand_patch` ON `stand` (`patch_id`);--> statement-breakpoint
CREATE INDEX `entry_stand` ON `entry` (`stand_id`,`day`);--> statement-breakpoint
CREATE INDEX `entry_patch` ON `entry` (`patch_id`,`day`);--> statement-breakpoint
CREATE INDEX `entry_group_kind` ON `entry` (`group_id`,`kind`,`day`);--> statement-breakpoint
CREATE INDEX `sought_group` ON `sought` (`group_id`);--> statement-breakpoint
CREATE INDEX `station_group` ON `station` (`group_id`);--> statement-breakpoint
CREATE INDEX `weather_import_group` ON `weather_import` (`group_id`);