CREATE TABLE "calibrations" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"equipment_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"product" text NOT NULL,
	"unit" text NOT NULL,
	"setup" double precision,
	"readings" jsonb NOT NULL,
	"note" text NOT NULL,
	"done_on" date NOT NULL,
	"logged_at" timestamp with time zone NOT NULL,
	"by" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "equipment" ADD COLUMN "holds" double precision;--> statement-breakpoint
ALTER TABLE "equipment" ADD COLUMN "undrawn" double precision;--> statement-breakpoint
ALTER TABLE "equipment" ADD COLUMN "due_days" integer;--> statement-breakpoint
ALTER TABLE "calibrations" ADD CONSTRAINT "calibrations_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "equipment" ADD CONSTRAINT "equipment_workspace_id_id_unique" UNIQUE("workspace_id","id");--> statement-breakpoint
ALTER TABLE "calibrations" ADD CONSTRAINT "calibrations_workspace_id_equipment_id_equipment_workspace_id_id_fk" FOREIGN KEY ("workspace_id","equipment_id") REFERENCES "public"."equipment"("workspace_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "calibrations_of_equipment" ON "calibrations" USING btree ("workspace_id","equipment_id","done_on");--> statement-breakpoint
ALTER TABLE calibrations ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY kept_apart ON calibrations USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()));
