using FairCompass.Core.Languages;

namespace FairCompass.Core.Scoring;

/// <content>The cases: how far each comes, and what it is called.</content>
public static partial class SampleRuns
{
    /// <param name="Label">What it shows where a part is finished.</param>
    /// <param name="Open">What it shows where nothing is finished, only counted.</param>
    /// <param name="FinishAt">The share of the time after which it finishes; null when it does not.</param>
    /// <param name="Short">Units missing at the cap; 0 for a quarter of them.</param>
    /// <param name="Share">The share of an ordinary count.</param>
    /// <param name="Less">Units less than that.</param>
    /// <param name="Lifts">Lifts as shares of the heaviest load the plates make.</param>
    /// <param name="Made">Which of them are good.</param>
    /// <param name="Later">Seconds later at the tie-break's mark.</param>
    /// <param name="Gate">How far it comes past the first gate, or short of it; null for work without gates.</param>
    /// <param name="Status">What became of it.</param>
    private sealed record Case(
        Said Label,
        Said Open,
        decimal? FinishAt,
        long Short,
        decimal Share,
        long Less,
        decimal[] Lifts,
        bool[] Made,
        int Later,
        long? Gate = null,
        EntryStatus Status = EntryStatus.Ran
    )
    {
        /// <summary>True for what a paper shows: finished, the same again, one short, nothing, and the edge of a gate.</summary>
        public bool Printed { get; init; }
    }

    private static readonly Case[] All =
    [
        new(
            ("finished early", "terminó pronto"),
            ("a strong run", "un resultado fuerte"),
            0.72m,
            0,
            1.00m,
            0,
            [0.40m, 0.46m],
            [true, true],
            0
        ),
        new(("finished", "terminó"), ("a good run", "un buen resultado"), 0.85m, 0, 0.92m, 0, [0.44m, 0.50m], [true, false], 0)
        {
            Printed = true,
        },
        new(
            ("finished in the same second", "terminó en el mismo segundo"),
            ("as much, later at the mark", "lo mismo, más tarde en la marca"),
            0.85m,
            0,
            0.92m,
            0,
            [0.44m],
            [true],
            7
        )
        {
            Printed = true,
        },
        new(("one rep short", "falta una repetición"), ("one rep less", "una repetición menos"), null, 1, 0.92m, 1, [], [], 9)
        {
            Printed = true,
        },
        new(
            ("finished, no good lift", "terminó, sin levantamiento válido"),
            ("a fair run", "un resultado correcto"),
            0.93m,
            0,
            0.83m,
            0,
            [0.50m, 0.50m],
            [false, false],
            3
        ),
        new(("finished on the bell", "terminó con la señal"), ("a middling run", "un resultado medio"), 1.00m, 0, 0.75m, 0, [], [], 5),
        new(("three quarters done", "tres cuartos hechos"), ("a slow run", "un resultado lento"), null, 0, 0.60m, 0, [], [], 12),
        new(("exactly at the gate", "justo en el corte"), ("exactly at the gate", "justo en el corte"), null, 0, 0, 0, [], [], 0, 0)
        {
            Printed = true,
        },
        new(
            ("one rep short of the gate", "falta una repetición para el corte"),
            ("one rep short of the gate", "falta una repetición para el corte"),
            null,
            0,
            0,
            0,
            [],
            [],
            0,
            -1
        )
        {
            Printed = true,
        },
        new(("no rep counted", "ninguna repetición contada"), ("no rep counted", "ninguna repetición contada"), null, -1, 0, 0, [], [], 0)
        {
            Printed = true,
        },
        new(("withdrew", "se retiró"), ("withdrew", "se retiró"), null, 0, 0.30m, 0, [], [], 0, null, EntryStatus.Withdrew),
        new(("did not start", "no salió"), ("did not start", "no salió"), null, 0, 0, 0, [], [], 0, null, EntryStatus.DidNotStart),
    ];

    private static Said AsMuch { get; } = ("as much", "lo mismo");

    private static Said AsHigh { get; } = ("as high, with a miss more", "igual de alto, con un fallo más");

    private static Said NoHeight { get; } = ("no height made", "ninguna altura válida");

    private static Said FinishedWithoutHeight { get; } = ("finished, no height made", "terminó, sin altura válida");

    private static Said NoGoodLift { get; } = ("no good lift", "sin levantamiento válido");

    private static Said Late { get; } = ("finished late", "terminó tarde");
}
