CREATE TABLE "plan_days" (
	"workspace_id" uuid NOT NULL,
	"property_id" uuid NOT NULL,
	"day" date NOT NULL,
	"revision" integer NOT NULL,
	"body" jsonb NOT NULL,
	CONSTRAINT "plan_days_workspace_id_property_id_day_pk" PRIMARY KEY("workspace_id","property_id","day")
);
--> statement-breakpoint
CREATE TABLE "plan_pictures" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"property_id" uuid NOT NULL,
	"jpeg" "bytea" NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"added_at" timestamp with time zone NOT NULL,
	"added_by" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "plans" (
	"workspace_id" uuid NOT NULL,
	"property_id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"body" jsonb NOT NULL,
	"saved_at" timestamp with time zone NOT NULL,
	"saved_by" text NOT NULL,
	CONSTRAINT "plans_workspace_id_property_id_pk" PRIMARY KEY("workspace_id","property_id")
);
--> statement-breakpoint
ALTER TABLE "plan_days" ADD CONSTRAINT "plan_days_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plan_days" ADD CONSTRAINT "plan_days_workspace_id_property_id_properties_workspace_id_id_fk" FOREIGN KEY ("workspace_id","property_id") REFERENCES "public"."properties"("workspace_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plan_pictures" ADD CONSTRAINT "plan_pictures_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plan_pictures" ADD CONSTRAINT "plan_pictures_workspace_id_property_id_properties_workspace_id_id_fk" FOREIGN KEY ("workspace_id","property_id") REFERENCES "public"."properties"("workspace_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_workspace_id_property_id_properties_workspace_id_id_fk" FOREIGN KEY ("workspace_id","property_id") REFERENCES "public"."properties"("workspace_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "pictures_of_property" ON "plan_pictures" USING btree ("workspace_id","property_id");--> statement-breakpoint
ALTER TABLE plans ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY kept_apart ON plans USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()));
--> statement-breakpoint
ALTER TABLE plan_days ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY kept_apart ON plan_days USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()));
--> statement-breakpoint
ALTER TABLE plan_pictures ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY kept_apart ON plan_pictures USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()));
