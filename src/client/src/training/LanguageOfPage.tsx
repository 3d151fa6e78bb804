import { Choice } from "../ui/Choice";
import { useWords } from "./words";

/** The language of a judge’s page. */
export function LanguageOfPage() {
  const { language, choose } = useWords();
  return (
    <Choice
      label="Language of the page"
      value={language}
      of={["English", "Spanish"] as const}
      onChange={choose}
      text={(l) => (l === "Spanish" ? "Español" : l)}
    />
  );
}
