CREATE TABLE "photos" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"jpeg" "bytea" NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"note" text NOT NULL,
	"added_at" timestamp with time zone NOT NULL,
	"added_by" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_workspace_id_case_id_cases_workspace_id_id_fk" FOREIGN KEY ("workspace_id","case_id") REFERENCES "public"."cases"("workspace_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "photos_of_case" ON "photos" USING btree ("workspace_id","case_id");
--> statement-breakpoint
ALTER TABLE photos ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY kept_apart ON photos USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()));
