import type { Schemas } from "../api/client";

/** The time of day of a local time: “09:15” of 2027-06-12T09:15:00. */
export const hour = (local: string) => local.slice(11, 16);

/** The day of a local time. */
export const dayOf = (local: string) => local.slice(0, 10);

/** A day in words: “Saturday 12 June”. */
export const dayWords = (day: string, language: Schemas["Language"] = "English") =>
  new Intl.DateTimeFormat(language === "Spanish" ? "es-ES" : "en-GB", { weekday: "long", day: "numeric", month: "long" }).format(
    new Date(day + "T12:00"),
  );

/** Seconds as minutes are written: “2:30”. */
export const minutes = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;

/** A local time as the field of a form has it, and back. */
export const toField = (local: string) => local.slice(0, 16);
export const fromField = (field: string) => (field.length === 16 ? field + ":00" : field);
