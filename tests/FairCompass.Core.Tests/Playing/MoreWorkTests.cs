using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Pacing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;
using FairCompass.Play;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Playing;

/// <summary>
/// More work never ranks lower: whatever was seen of a run, with one unit more of any counter, a second less, or a lift made that was
/// missed, it ranks no lower. Workouts for which that cannot be are refused with an example, and are left out here.
/// </summary>
public class MoreWorkTests
{
    private static int Many => int.TryParse(Environment.GetEnvironmentVariable("FAIR_COMPASS_PLAYS"), out var n) ? n : 250;

    [Fact]
    public void Of_made_up_workouts()
    {
        var (first, wrong, tried) = (Environment.TickCount & 0xFFFFF, new List<string>(), 0);
        for (var seed = first; seed < first + Many; seed++)
        {
            var text = PlausibleDrafts.Of(seed);
            var faults = Faults(text, 2, ref tried);
            if (faults.Count > 0)
            {
                wrong.Add($"seed {seed}: {string.Join("; ", faults.Take(3))}\n{text}");
            }
        }

        Assert.True(wrong.Count == 0, $"{wrong.Count} of {Many}\n" + string.Join('\n', wrong.Take(6)));
        Assert.True(tried > Many, $"Only {tried} of {Many} workouts were tried, from seed {first} on.");
    }

    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void Of_the_demo(string name)
    {
        var tried = 0;
        Assert.Empty(Faults(DraftTexts.Read(name), 3, ref tried));
        Assert.True(tried > 0);
    }

    private static List<string> Faults(string text, ulong seeds, ref int tried)
    {
        var u = Understanding.Of(SaltmarshFerryGames.Competition, text);
        var wrong = new List<string>();
        if (u.Findings().Any(f => f.Rule == "more-work-ranks-lower"))
        {
            return wrong;
        }

        for (var i = 0; i < u.Courses.Count; i++)
        {
            var (course, sheet, player) = (u.Courses[i], u.Sheets[i], new Player(u, i, PaceTable.Usual));
            for (var seed = 1UL; seed <= seeds; seed++)
            {
                var seen = player.Play(seed, (ulong)i).Reading(course).Run;
                var less = Scorer.Score(seen, course, sheet, u.Competition.Unit);
                foreach (var (what, run) in More(seen, course).Where(m => Card.Validate(m.Run, course, sheet).Count == 0))
                {
                    tried++;
                    var more = Scorer.Score(run, course, sheet, u.Competition.Unit);
                    wrong.AddRange(
                        less.Zip(more)
                            .Where(x => Ranking.Compare(x.Second, x.First) > 0)
                            .Select(x =>
                                $"{course.Address}, {what}: {x.First.Text} {x.First.TieText} before {x.Second.Text} {x.Second.TieText}"
                            )
                    );
                }
            }
        }

        return wrong;
    }

    private static IEnumerable<(string What, RunObservation Run)> More(RunObservation seen, Course course)
    {
        for (var p = 0; p < seen.Pieces.Count; p++)
        {
            var piece = seen.Pieces[p];
            RunObservation With(PieceObservation other) => seen with { Pieces = seen.Pieces.Select((x, i) => i == p ? other : x).ToEq() };
            if (piece.Performed is { } done)
            {
                foreach (var n in new[] { 1, 2, 5, 13 })
                {
                    // Whoever goes on from there stands as many further.
                    var behind = course.Pieces.Where(x => x.Piece.Key == piece.Piece).Select(x => x.Piece.Key).ToHashSet();
                    behind.UnionWith(
                        course
                            .Pieces.Where(x => x.Piece.GoesOnFrom is { } from && behind.Contains(from) && behind.Add(x.Piece.Key))
                            .Select(x => x.Piece.Key)
                    );
                    yield return (
                        $"{n} more of {piece.Piece}",
                        seen with
                        {
                            Pieces = seen
                                .Pieces.Select(x => behind.Contains(x.Piece) && x.Performed is { } now ? x with { Performed = now + n } : x)
                                .ToEq(),
                        }
                    );
                }
            }

            for (var c = 0; c < piece.Counts.Count; c++)
            {
                var count = piece.Counts[c];
                var others = piece.Counts.Select((x, i) => i == c ? x with { Performed = count.Performed + 1 } : x).ToEq();
                yield return ($"1 more of {count.Strand}", With(piece with { Counts = others }));
            }

            if (piece.Finish is { Ms: > 1000 } finish)
            {
                yield return ("a second earlier", With(piece with { Finish = new(finish.Ms - 1000) }));
            }

            for (var t = 0; t < piece.Tries.Count; t++)
            {
                if (!piece.Tries[t].Made)
                {
                    var tries = piece.Tries.Select((x, i) => i == t ? x with { Made = true } : x).ToEq();
                    yield return ($"lift {t + 1} made", With(piece with { Tries = tries }));
                }
            }
        }
    }
}
