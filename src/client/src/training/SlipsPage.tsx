/** Slips for those without a phone: four to a page, a row a rep. */
export function SlipsPage() {
  return (
    <main className="px-6 py-4">
      <p className="off-paper">
        <button className="press" onClick={() => window.print()}>
          Print
        </button>
      </p>
      <h1 className="off-paper mt-3">Slips for a calibration</h1>
      <div className="grid grid-cols-2 gap-x-8 gap-y-6">
        {[1, 2, 3, 4].map((n) => (
          <section key={n} className="break-inside-avoid" aria-label={`Slip ${n}`}>
            <p className="font-bold">Calibration: a tick a rep, alone, without a name</p>
            <table className="ruled text-[0.8rem]">
              <thead>
                <tr>
                  <th scope="col">Rep</th>
                  <th scope="col">Good</th>
                  <th scope="col">No-rep</th>
                  <th scope="col">Not seen</th>
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
