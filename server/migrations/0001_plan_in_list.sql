DELETE FROM "job_list";--> statement-breakpoint
ALTER TABLE "job_list" ADD COLUMN "scope" text NOT NULL;--> statement-breakpoint
ALTER TABLE "job_list" ADD COLUMN "step" jsonb;--> statement-breakpoint
ALTER TABLE "job_list" ADD COLUMN "behind" integer NOT NULL;--> statement-breakpoint
ALTER TABLE "job_list" ADD COLUMN "steps" integer NOT NULL;--> statement-breakpoint
ALTER TABLE "job_list" ADD COLUMN "missing" jsonb NOT NULL;