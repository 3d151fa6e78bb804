using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <content>Tie values of a result.</content>
public static partial class Scorer
{
    private static ComponentResult WithTies(
        ComponentResult result,
        ScoreComponent c,
        RunObservation run,
        Course course,
        ScoreSheet sheet,
        List<ComponentResult> all,
        Tongue tongue
    )
    {
        var values = new List<long>();
        var texts = new List<string>(result.TieText is { } own ? [own] : []);
        foreach (var tie in run.Status == EntryStatus.Ran ? c.Ties : [])
        {
            switch (tie)
            {
                case Tiebreak.TimeAtRound or Tiebreak.TimeAtGate or Tiebreak.TimeAtMark:
                    Time(tie, run);
                    break;
                case Tiebreak.Other o when sheet.IndexOf(o.Label) is >= 0 and var other:
                    values.Add(Ranking.Order(all[other].Class));
                    values.Add(all[other].Value);
                    texts.Add(all[other].Text);
                    break;
                case Tiebreak.MoreOf m:
                    var more = More(m, run, course, sheet);
                    values.Add(-more);
                    texts.Add($"{more} {m.WordIn(tongue)}");
                    break;
                case Tiebreak.LowestMember l:
                    var lowest = Lowest(l, c, run, course, sheet);
                    values.Add(-lowest);
                    texts.Add(tongue.Say($"lowest member {lowest}", $"miembro con menos {lowest}"));
                    break;
            }
        }

        return result with
        {
            Ties = result.Ties.Concat(values).ToEq(),
            TieText = texts.Count == 0 ? null : string.Join(tongue.Say(", then ", ", después "), texts),
        };

        void Time(Tiebreak of, RunObservation seen)
        {
            var (time, words) = TimeAt(of, seen, tongue);
            var read = time is { } t ? Timing.Round(t, sheet.Resolution) : (Duration?)null;
            values.Add(read?.Ms ?? long.MaxValue);
            texts.Add(words + (read?.ToString() ?? tongue.Say("no time", "sin tiempo")));
        }
    }

    /// <summary>The clock at the mark of a tie-break, with the words before it.</summary>
    private static (Duration? Time, string Words) TimeAt(Tiebreak tie, RunObservation run, Tongue tongue) =>
        tie switch
        {
            Tiebreak.TimeAtRound { Round: { } r } t => (run.Of(t.Piece).TieTime, tongue.Say($"round {r} at ", $"ronda {r} en ")),
            Tiebreak.TimeAtRound t => (run.Of(t.Piece).TieTime, tongue.Say("last full round at ", "última ronda completa en ")),
            Tiebreak.TimeAtGate t => (run.Of(t.Piece).AtLastGate, tongue.Say("last gate at ", "último corte en ")),
            Tiebreak.TimeAtMark t => (run.Of(t.Piece).At(t.Mark.Name), t.Mark.In(tongue) + tongue.Say(" at ", " en ")),
            _ => throw new InvalidOperationException("A tie-break without a time."),
        };

    private static long More(Tiebreak.MoreOf m, RunObservation run, Course course, ScoreSheet sheet) =>
        m.Pieces.Sum(k =>
            Tallying.Of(
                run.Of(k),
                course.Piece(k)!,
                m.Tally,
                sheet.UnverifiedIsNoRep == true,
                s => m.Counters.Count == 0 || m.Counters.Contains(s.Key)
            )
        );

    /// <summary>What the member did who did least.</summary>
    private static long Lowest(Tiebreak.LowestMember l, ScoreComponent c, RunObservation run, Course course, ScoreSheet sheet) =>
        l
            .Pieces.GroupBy(k => course.Piece(k)!.Piece.Seat)
            .Min(g =>
                g.Sum(k =>
                    Tallying.Of(run.Of(k), course.Piece(k)!, Tallying.OwnOf(course.Piece(k)!, c.Tally), sheet.UnverifiedIsNoRep == true)
                )
            );
}
