using FairCompass.Core.Drafts;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Playing;

/// <summary>The same for workouts that nobody wrote: whatever is understood can be played, carded and scored.</summary>
public class PlausibleRunsTests
{
    /// <summary>How many workouts: <c>./test --long</c> asks for more.</summary>
    private static int Many => int.TryParse(Environment.GetEnvironmentVariable("FAIR_COMPASS_PLAYS"), out var n) ? n : 150;

    [Fact]
    public void The_card_of_a_made_up_workout_scores_what_was_seen()
    {
        var first = Environment.TickCount & 0xFFFFF;
        var wrong = new List<string>();
        for (var seed = first; seed < first + Many; seed++)
        {
            var text = PlausibleDrafts.Of(seed);
            var u = Understanding.Of(SaltmarshFerryGames.Competition, text);
            var faults = u
                .Parsed.Problems.Select(p => $"{p.At}: {p.Sentence}")
                .Concat(u.Sheets.SelectMany(s => s.Problems).Select(p => p.Sentence))
                .Concat(
                    u.Courses.SelectMany(c => c.Pieces)
                        .Where(p => !p.IsCounted && !p.Piece.IsHeaviest)
                        .Select(p => $"{p.Piece.Name} is not counted")
                )
                .Concat(Played(u))
                .ToList();
            if (faults.Count > 0)
            {
                wrong.Add($"seed {seed}, {faults.Count}: {string.Join("; ", faults.Take(3))}\n{text}");
            }
        }

        Assert.True(wrong.Count == 0, $"{wrong.Count} of {Many}\n" + string.Join('\n', wrong.Take(6)));
    }

    /// <summary>A run that cannot go on is a fault too, told with its draft.</summary>
    private static List<string> Played(Understanding u)
    {
        try
        {
            return CardAgainstRun.Faults(u, 3);
        }
        catch (InvalidOperationException e)
        {
            return [e.Message];
        }
    }
}
