ALTER TABLE "properties" ADD COLUMN "premises" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "properties" ADD COLUMN "premises_asked_on" date;