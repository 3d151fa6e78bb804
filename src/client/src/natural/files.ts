import type { Schemas } from "../api/client";
import { sendFile } from "../api/files";

/** The text of a file, as the server gets it out of it. */
export const textOf = async (file: Blob, name: string): Promise<string> =>
  (await sendFile<Schemas["FileRead"]>(`/api/read/file?name=${encodeURIComponent(name)}`, file)).text;

/** True for a clipboard whose page has a table or a list that its plain text lost. */
export const hasStructure = (html: string, plain: string): boolean => /<(table|li)[\s>]/i.test(html) && !plain.includes("\t");
