const said = (text: string) => text.split("\n").filter((l) => l.trim() !== "");

/** True for a text of several lines that is pasted into a draft that has no more than a title. */
export const isSheet = (pasted: string, draft: string): boolean => said(pasted).length > 1 && said(draft).length <= 1;
