CREATE TABLE "case_stops" (
	"workspace_id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"stop" text NOT NULL,
	"body" jsonb NOT NULL,
	"revision" integer NOT NULL,
	"upstream" jsonb NOT NULL,
	"saved_at" timestamp with time zone NOT NULL,
	"saved_by" text NOT NULL,
	CONSTRAINT "case_stops_workspace_id_case_id_stop_pk" PRIMARY KEY("workspace_id","case_id","stop")
);
--> statement-breakpoint
CREATE TABLE "cases" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"property_id" uuid NOT NULL,
	"number" integer NOT NULL,
	"title" text NOT NULL,
	"opened_on" date NOT NULL,
	"closed_on" date,
	CONSTRAINT "cases_workspace_id_number_unique" UNIQUE("workspace_id","number"),
	CONSTRAINT "cases_workspace_id_id_unique" UNIQUE("workspace_id","id")
);
--> statement-breakpoint
CREATE TABLE "containers" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"label_id" text NOT NULL,
	"lot" text NOT NULL,
	"size" double precision NOT NULL,
	"unit" text NOT NULL,
	"price" double precision NOT NULL,
	"expires_on" date,
	"kept_in" text NOT NULL,
	CONSTRAINT "containers_workspace_id_label_id_lot_unique" UNIQUE("workspace_id","label_id","lot"),
	CONSTRAINT "size_positive" CHECK ("containers"."size" > 0)
);
--> statement-breakpoint
CREATE TABLE "equipment" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"size" double precision NOT NULL,
	"unit" text NOT NULL,
	"swath_m" double precision,
	"calibrated_on" date,
	CONSTRAINT "equipment_workspace_id_name_unique" UNIQUE("workspace_id","name")
);
--> statement-breakpoint
CREATE TABLE "labels" (
	"workspace_id" uuid NOT NULL,
	"label_id" text NOT NULL,
	"version" integer NOT NULL,
	"card" jsonb NOT NULL,
	CONSTRAINT "labels_workspace_id_label_id_version_pk" PRIMARY KEY("workspace_id","label_id","version")
);
--> statement-breakpoint
CREATE TABLE "properties" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"name" text NOT NULL,
	"address" text NOT NULL,
	"latitude" double precision NOT NULL,
	"time_zone" text NOT NULL,
	"by_water" boolean NOT NULL,
	"avoid_from_deg" double precision,
	"avoid_to_deg" double precision,
	"note" text NOT NULL,
	CONSTRAINT "properties_workspace_id_id_unique" UNIQUE("workspace_id","id"),
	CONSTRAINT "latitude_in_range" CHECK ("properties"."latitude" between -90 and 90)
);
--> statement-breakpoint
CREATE TABLE "records" (
	"id" uuid PRIMARY KEY NOT NULL,
	"workspace_id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"property_id" uuid NOT NULL,
	"done_on" date NOT NULL,
	"corrects" uuid,
	"body" jsonb NOT NULL,
	"logged_at" timestamp with time zone NOT NULL,
	CONSTRAINT "records_workspace_id_id_unique" UNIQUE("workspace_id","id"),
	CONSTRAINT "records_corrected_once" UNIQUE("workspace_id","corrects")
);
--> statement-breakpoint
CREATE TABLE "settlements" (
	"workspace_id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"key" text NOT NULL,
	"by" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "settlements_workspace_id_case_id_key_pk" PRIMARY KEY("workspace_id","case_id","key")
);
--> statement-breakpoint
CREATE TABLE "workspaces" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"person" text NOT NULL,
	"mode" text NOT NULL,
	"opens_on" date,
	"first_started_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "case_stops" ADD CONSTRAINT "case_stops_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "case_stops" ADD CONSTRAINT "case_stops_workspace_id_case_id_cases_workspace_id_id_fk" FOREIGN KEY ("workspace_id","case_id") REFERENCES "public"."cases"("workspace_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_workspace_id_property_id_properties_workspace_id_id_fk" FOREIGN KEY ("workspace_id","property_id") REFERENCES "public"."properties"("workspace_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "containers" ADD CONSTRAINT "containers_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "equipment" ADD CONSTRAINT "equipment_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "labels" ADD CONSTRAINT "labels_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "properties" ADD CONSTRAINT "properties_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "records" ADD CONSTRAINT "records_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "records" ADD CONSTRAINT "records_workspace_id_case_id_cases_workspace_id_id_fk" FOREIGN KEY ("workspace_id","case_id") REFERENCES "public"."cases"("workspace_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "records" ADD CONSTRAINT "records_workspace_id_property_id_properties_workspace_id_id_fk" FOREIGN KEY ("workspace_id","property_id") REFERENCES "public"."properties"("workspace_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "records" ADD CONSTRAINT "records_workspace_id_corrects_records_workspace_id_id_fk" FOREIGN KEY ("workspace_id","corrects") REFERENCES "public"."records"("workspace_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "settlements" ADD CONSTRAINT "settlements_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "settlements" ADD CONSTRAINT "settlements_workspace_id_case_id_cases_workspace_id_id_fk" FOREIGN KEY ("workspace_id","case_id") REFERENCES "public"."cases"("workspace_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "cases_workspace_id_property_id_index" ON "cases" USING btree ("workspace_id","property_id");--> statement-breakpoint
CREATE INDEX "properties_workspace_id_name_index" ON "properties" USING btree ("workspace_id","name");--> statement-breakpoint
CREATE INDEX "records_workspace_id_property_id_done_on_index" ON "records" USING btree ("workspace_id","property_id","done_on");--> statement-breakpoint
CREATE INDEX "records_workspace_id_done_on_index" ON "records" USING btree ("workspace_id","done_on");