CREATE TABLE "kept_jobs" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"fields" jsonb NOT NULL,
	"kept_at" timestamp with time zone NOT NULL,
	"kept_by" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "equipment" ADD COLUMN "makers" double precision;--> statement-breakpoint
ALTER TABLE "equipment" ADD COLUMN "price" double precision;--> statement-breakpoint
ALTER TABLE "equipment" ADD COLUMN "life_jobs" integer;--> statement-breakpoint
ALTER TABLE "kept_jobs" ADD CONSTRAINT "kept_jobs_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "kept_jobs" ADD CONSTRAINT "kept_jobs_workspace_id_case_id_cases_workspace_id_id_fk" FOREIGN KEY ("workspace_id","case_id") REFERENCES "public"."cases"("workspace_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "jobs_of_case" ON "kept_jobs" USING btree ("workspace_id","case_id");--> statement-breakpoint
ALTER TABLE kept_jobs ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY kept_apart ON kept_jobs USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()));
