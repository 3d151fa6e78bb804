using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <summary>Another rule on the same observations.</summary>
/// <param name="Title">The other rule in words.</param>
/// <param name="Moves">Who moves, and why; empty when nobody does.</param>
public sealed record WhatIf(string Title, Eq<Move> Moves)
{
    /// <summary>The usual other rules for a sheet, each tried on the same runs.</summary>
    /// <param name="sheet">The scores as they are.</param>
    /// <param name="course">The workout for this entry.</param>
    /// <param name="runs">Named runs; their observations must be valid.</param>
    /// <param name="competition">Gives the unit of loads.</param>
    public static Eq<WhatIf> Of(
        ScoreSheet sheet,
        Course course,
        IReadOnlyList<(string Name, RunObservation Run)> runs,
        Competition competition
    )
    {
        var others = new List<(string Title, ScoreSheet Sheet)>();
        if (OtherSchool.Of(sheet) is { } other)
        {
            others.Add(
                (
                    sheet.Components.Any(c => c.Cap is CapRule.Penalty)
                        ? "Cap line instead of the penalty"
                        : "A penalty of 1 s for each missing rep instead of the cap line",
                    other
                )
            );
        }

        if (sheet.Components.Any(c => c.Ties.Any(t => t is not Tiebreak.Shared)))
        {
            others.Add(
                (
                    "Ties share the place",
                    sheet with
                    {
                        Components = sheet.Components.Select(c => c with { Ties = [new Tiebreak.Shared()] }).ToEq(),
                    }
                )
            );
        }

        var names = runs.Select(r => r.Name).ToList();
        var now = runs.Select(r => Scorer.Score(r.Run, course, sheet, competition.Unit)).ToList();
        return others
            .Select(o =>
            {
                var then = runs.Select(r => Scorer.Score(r.Run, course, o.Sheet, competition.Unit)).ToList();
                var moves = Enumerable
                    .Range(0, sheet.Components.Count)
                    .SelectMany(c =>
                        Scoring
                            .Moves.Between(names, now.Select(r => r[c]).ToList(), then.Select(r => r[c]).ToList())
                            .Select(m =>
                                sheet.Components.Count == 1
                                    ? m
                                    : m with
                                    {
                                        Sentence = $"{Words.Capital(sheet.Components[c].Name)}: {m.Sentence}",
                                    }
                            )
                    );
                return new WhatIf(o.Title, moves.ToEq());
            })
            .ToEq();
    }
}
