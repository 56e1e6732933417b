CREATE TABLE "label_files" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"label_id" text NOT NULL,
	"kind" text NOT NULL,
	"type" text NOT NULL,
	"name" text NOT NULL,
	"bytes" "bytea" NOT NULL,
	"added_at" timestamp with time zone NOT NULL,
	"added_by" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "stock_changes" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"label_id" text NOT NULL,
	"lot" text NOT NULL,
	"amount" double precision NOT NULL,
	"reason" text NOT NULL,
	"note" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"by" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "containers" ADD COLUMN "bought_on" date;--> statement-breakpoint
ALTER TABLE "containers" ADD COLUMN "opened_on" date;--> statement-breakpoint
ALTER TABLE "label_files" ADD CONSTRAINT "label_files_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_changes" ADD CONSTRAINT "stock_changes_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_changes" ADD CONSTRAINT "stock_changes_workspace_id_label_id_lot_containers_workspace_id_label_id_lot_fk" FOREIGN KEY ("workspace_id","label_id","lot") REFERENCES "public"."containers"("workspace_id","label_id","lot") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "files_of_label" ON "label_files" USING btree ("workspace_id","label_id");--> statement-breakpoint
CREATE INDEX "changes_of_container" ON "stock_changes" USING btree ("workspace_id","label_id","lot");--> statement-breakpoint
ALTER TABLE stock_changes ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY kept_apart ON stock_changes USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()));
--> statement-breakpoint
ALTER TABLE label_files ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY kept_apart ON label_files USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()));
