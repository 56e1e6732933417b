CREATE TABLE "removed" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"back" text NOT NULL,
	"rows" jsonb NOT NULL,
	"removed_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "removed" ADD CONSTRAINT "removed_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "removed_lately" ON "removed" USING btree ("workspace_id","removed_at");--> statement-breakpoint
ALTER TABLE removed ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY kept_apart ON removed USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()));
