using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <content>Intervals whose list was finished.</content>
public static partial class Scorer
{
    /// <summary>Full intervals weigh more than any count of the next.</summary>
    private const long PerInterval = 1_000_000_000;

    private static ComponentResult FullIntervals(ScoreComponent c, RunObservation run, Course course, Tongue tongue)
    {
        var piece = course.Piece(c.Pieces[0])!;
        var counts = Tallying.Counts(run.Of(piece.Piece.Key), piece).ToList();
        var (full, beyond) = piece.Strand is { } strand
            ? strand.FullRounds(counts[0].Units) is { } rounds
                ? (rounds.Full, strand.Counted(counts[0].Units) - strand.Counted(counts[0].Units - rounds.Beyond))
                : (0, 0)
            : (
                counts.Count(x => x.Units == x.Strand.Counter.Units),
                // Only where an unfinished interval is the last does what was done of it tell two apart.
                piece.Plain!.EndsWork
                    ? counts.Where(x => x.Units < x.Strand.Counter.Units).Select(x => x.Strand.Counter.Counted(x.Units)).FirstOrDefault()
                    : 0
            );
        var word = tongue.Say(full == 1 ? "full interval" : "full intervals", full == 1 ? "intervalo completo" : "intervalos completos");
        return full == 0 && beyond == 0
            ? Nothing(ResultClass.Zero, "0", "No interval was finished.")
            : new(
                ResultClass.Scored,
                -Count.Add(Count.Times(full, PerInterval), beyond),
                [],
                beyond == 0 ? $"{full} {word}" : $"{full} {word} + {beyond}",
                null,
                [
                    $"{Words.Count(full, "interval")} of {counts.Max(x => x.Strand.Interval) ?? piece.Strand?.Rounds ?? 0} finished"
                        + (beyond == 0 ? "." : $", and {beyond} of the next."),
                ]
            );
    }
}
