import { LanguageOfPage } from "./LanguageOfPage";
import { useWords } from "./words";

/** Slips for those without a phone: four to a page, a row a rep. */
export function SlipsPage() {
  const { w, lang } = useWords();
  return (
    <main className="px-6 py-4" lang={lang}>
      <div className="off-paper flex flex-wrap items-baseline gap-6">
        <button className="press" onClick={() => window.print()}>
          {w.print}
        </button>
        <LanguageOfPage />
      </div>
      <h1 className="off-paper mt-3">{w.slips}</h1>
      <div className="grid grid-cols-2 gap-x-8 gap-y-6">
        {[1, 2, 3, 4].map((n) => (
          <section key={n} className="break-inside-avoid" aria-label={w.slip(n)}>
            <p className="font-bold">{w.slipHead}</p>
            <table className="ruled text-[0.8rem]">
              <thead>
                <tr>
                  <th scope="col">{w.repHead}</th>
                  <th scope="col">{w.calls.Good}</th>
                  <th scope="col">{w.calls.NoRep}</th>
                  <th scope="col">{w.calls.Unseen}</th>
                </tr>
              </thead>
              <tbody>
                {Array.from({ length: 18 }, (_, i) => (
                  <tr key={i} className={i === 11 ? "border-b-2 border-ink" : ""}>
                    <td className="!py-0.5">{i + 1}</td>
                    <td className="!py-0.5">☐</td>
                    <td className="!py-0.5">☐</td>
                    <td className="!py-0.5">☐</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        ))}
      </div>
    </main>
  );
}
