ALTER TABLE "workspaces" DROP COLUMN "person";--> statement-breakpoint
ALTER TABLE "workspaces" DROP COLUMN "mode";--> statement-breakpoint
ALTER TABLE "workspaces" DROP COLUMN "opens_on";--> statement-breakpoint
ALTER TABLE "workspaces" DROP COLUMN "first_started_at";