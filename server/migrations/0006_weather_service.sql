ALTER TABLE `station` MODIFY COLUMN `source` enum('csv','simulated','service') NOT NULL;--> statement-breakpoint
ALTER TABLE `station` ADD `fetched_at` datetime(3);--> statement-breakpoint
ALTER TABLE `station` ADD `fetch_problem` varchar(20);