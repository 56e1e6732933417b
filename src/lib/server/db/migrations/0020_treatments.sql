CREATE TABLE "treatments" (
	"workspace_id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"number" smallint NOT NULL,
	"position" smallint NOT NULL,
	"state" text NOT NULL,
	"only_if" text NOT NULL,
	"go" smallint NOT NULL,
	"added_at" timestamp with time zone NOT NULL,
	"added_by" text NOT NULL,
	CONSTRAINT "treatments_workspace_id_case_id_number_pk" PRIMARY KEY("workspace_id","case_id","number")
);
--> statement-breakpoint
ALTER TABLE "case_stop_history" ADD COLUMN "treatment" smallint DEFAULT 1 NOT NULL;
--> statement-breakpoint
ALTER TABLE "case_stop_history" ADD COLUMN "go" smallint DEFAULT 1 NOT NULL;
--> statement-breakpoint
ALTER TABLE "case_stops" ADD COLUMN "treatment" smallint DEFAULT 1 NOT NULL;
--> statement-breakpoint
ALTER TABLE "case_stops" ADD COLUMN "go" smallint DEFAULT 1 NOT NULL;
--> statement-breakpoint
ALTER TABLE "settlement_history" ADD COLUMN "treatment" smallint DEFAULT 1 NOT NULL;
--> statement-breakpoint
ALTER TABLE "settlement_history" ADD COLUMN "go" smallint DEFAULT 1 NOT NULL;
--> statement-breakpoint
ALTER TABLE "settlements" ADD COLUMN "treatment" smallint DEFAULT 1 NOT NULL;
--> statement-breakpoint
ALTER TABLE "settlements" ADD COLUMN "go" smallint DEFAULT 1 NOT NULL;
--> statement-breakpoint
ALTER TABLE "case_stop_history" DROP CONSTRAINT "case_stop_history_workspace_id_case_id_stop_revision_pk";
--> statement-breakpoint
ALTER TABLE "case_stops" DROP CONSTRAINT "case_stops_workspace_id_case_id_stop_pk";
--> statement-breakpoint
ALTER TABLE "settlements" DROP CONSTRAINT "settlements_workspace_id_case_id_key_pk";
--> statement-breakpoint
ALTER TABLE "case_stop_history" ADD CONSTRAINT "case_stop_history_workspace_id_case_id_stop_treatment_go_revision_pk" PRIMARY KEY("workspace_id","case_id","stop","treatment","go","revision");
--> statement-breakpoint
ALTER TABLE "case_stops" ADD CONSTRAINT "case_stops_workspace_id_case_id_stop_treatment_go_pk" PRIMARY KEY("workspace_id","case_id","stop","treatment","go");
--> statement-breakpoint
ALTER TABLE "settlements" ADD CONSTRAINT "settlements_workspace_id_case_id_key_treatment_go_pk" PRIMARY KEY("workspace_id","case_id","key","treatment","go");
--> statement-breakpoint
ALTER TABLE "treatments" ADD CONSTRAINT "treatments_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "treatments" ADD CONSTRAINT "treatments_workspace_id_case_id_cases_workspace_id_id_fk" FOREIGN KEY ("workspace_id","case_id") REFERENCES "public"."cases"("workspace_id","id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE treatments ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY kept_apart ON treatments USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()));
--> statement-breakpoint
CREATE CONSTRAINT TRIGGER changes_are_counted AFTER INSERT OR UPDATE OR DELETE ON treatments
  DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION count_change();
--> statement-breakpoint
ALTER TABLE treatments ADD CONSTRAINT treatment_numbers CHECK (number BETWEEN 1 AND 99 AND go BETWEEN 1 AND 99);
--> statement-breakpoint
CREATE OR REPLACE FUNCTION tick_leaves_a_trace() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  IF current_setting('nimsy.removing', true) = 'yes' OR current_setting('nimsy.importing', true) = 'yes' THEN RETURN NULL; END IF;
  IF TG_OP = 'DELETE' THEN
    INSERT INTO settlement_history (workspace_id, case_id, key, treatment, go, act, by, account_id, said, at)
      VALUES (OLD.workspace_id, OLD.case_id, OLD.key, OLD.treatment, OLD.go, 'taken-back',
        coalesce((SELECT name FROM people WHERE id = acting()), OLD."by"), acting(), OLD.said, house_now());
  ELSE
    INSERT INTO settlement_history (workspace_id, case_id, key, treatment, go, act, by, account_id, said, at)
      VALUES (NEW.workspace_id, NEW.case_id, NEW.key, NEW.treatment, NEW.go, 'ticked', NEW."by", acting(), NEW.said, NEW.at);
  END IF;
  RETURN NULL;
END $$;
