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
        var texts = new List<string>();
        if (run.Status == EntryStatus.Ran)
        {
            foreach (var tie in c.Ties)
            {
                switch (tie)
                {
                    case Tiebreak.TimeAtRound t:
                        Time(
                            run.Of(t.Piece).TieTime,
                            t.Round is { } r
                                ? tongue.Say($"round {r} at ", $"ronda {r} en ")
                                : tongue.Say("last full round at ", "última ronda completa en ")
                        );
                        break;
                    case Tiebreak.TimeAtGate t:
                        Time(run.Of(t.Piece).TieTime, tongue.Say("last gate at ", "última puerta en "));
                        break;
                    case Tiebreak.Other o when sheet.IndexOf(o.Label) is >= 0 and var other:
                        values.Add((long)all[other].Class);
                        values.Add(all[other].Value);
                        texts.Add(all[other].Text);
                        break;
                    case Tiebreak.MoreOf m:
                        var more = m.Pieces.Sum(k => Tallying.Of(run.Of(k), course.Piece(k)!, m.Tally, sheet.UnverifiedIsNoRep == true));
                        values.Add(-more);
                        texts.Add($"{more} {m.WordIn(tongue)}");
                        break;
                    case Tiebreak.LowestMember l:
                        var lowest = l
                            .Pieces.GroupBy(k => course.Piece(k)!.Piece.Seat)
                            .Select(g =>
                                (
                                    Seat: g.Key,
                                    Sum: g.Sum(k => Tallying.Of(run.Of(k), course.Piece(k)!, c.Tally, sheet.UnverifiedIsNoRep == true))
                                )
                            )
                            .MinBy(x => x.Sum);
                        values.Add(-lowest.Sum);
                        texts.Add(tongue.Say($"lowest member {lowest.Sum}", $"miembro con menos {lowest.Sum}"));
                        break;
                }
            }
        }

        return result with
        {
            Ties = values.ToEq(),
            TieText = texts.Count == 0 ? null : string.Join(tongue.Say(", then ", ", después "), texts),
        };

        void Time(Duration? time, string words)
        {
            var read = time is { } t ? Timing.Round(t, sheet.Resolution) : (Duration?)null;
            values.Add(read?.Ms ?? long.MaxValue);
            texts.Add(words + (read?.ToString() ?? tongue.Say("no time", "sin tiempo")));
        }
    }
}
