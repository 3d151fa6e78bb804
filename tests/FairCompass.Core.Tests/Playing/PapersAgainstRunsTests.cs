using System.Globalization;
using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Observing;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;
using FairCompass.Play;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Playing;

/// <summary>
/// What papers print is held against runs: each running total is the count of the lane at that moment, each round has the bar that stands
/// there, each gate and each rest of one's own comes at the count that is printed for it.
/// </summary>
public class PapersAgainstRunsTests
{
    public static TheoryData<string> Texts => DraftTexts.Demos;

    /// <summary>What a run passed through at one counter: the end of each task, with round, count and load.</summary>
    private sealed record Step(string Piece, string Strand, Eq<long> Rounds, long Counted, decimal? Load);

    [Theory]
    [MemberData(nameof(Texts))]
    public void Of_the_demo(string demo) => Holds(DraftTexts.Read(demo), demo, 2);

    [Fact]
    public void Of_made_up_workouts()
    {
        var first = Environment.TickCount & 0xFFFFF;
        for (var seed = first; seed < first + Depth.Times(50, 300); seed++)
        {
            Holds(PlausibleDrafts.Of(seed), $"seed {seed}\n{PlausibleDrafts.Of(seed)}", 1);
        }
    }

    private static void Holds(string text, string which, ulong seeds)
    {
        var u = Understanding.Of(SaltmarshFerryGames.Competition, text);
        for (var i = 0; i < u.Courses.Count; i++)
        {
            var player = new Player(u, i, PaceTable.Usual);
            var division = u.Courses[i].Address.Division.Name;
            var (card, desk, judge) = (
                Paper(u, division, Audience.LaneCard),
                Paper(u, division, Audience.ScoreDesk),
                Paper(u, division, Audience.Judge)
            );
            for (var seed = 1UL; seed <= seeds; seed++)
            {
                var run = player.Play(seed, (ulong)i);
                var steps = Steps(run, u.Courses[i], u.Sheets[i]);
                var where = $"{u.Courses[i].Address} of {which}";
                Boxes(card, u.Courses[i], steps, where);
                Runnings(desk, u.Courses[i], steps, where);
                Runnings(judge, u.Courses[i], steps, where);
                Marks(run, u.Courses[i], where);
            }
        }
    }

    private static Brief Paper(Understanding u, string division, Audience audience) =>
        new BriefBuilder(u, division, new(2026, 6, 6)).Build(audience);

    private static List<Step> Steps(PlayedRun run, Course course, ScoreSheet sheet)
    {
        var steps = new List<Step>();
        var state = PlayedCourse.Start(course, sheet, run.End.Choices);
        foreach (var happening in run.Events)
        {
            var before = state;
            state = state.After(happening);
            if (happening.What is Happened.Done done)
            {
                var was = before.Piece(done.Piece)!.Strand(done.Strand)!.Next!;
                var now = state.Piece(done.Piece)!.Strand(done.Strand)!;
                if (now.HasLeft(was))
                {
                    steps.Add(new(done.Piece, done.Strand, was.Rounds, now.Counted, before.Piece(done.Piece)!.Loads[was.Task]));
                }
            }
        }

        return steps;
    }

    /// <summary>The heads of the card’s columns: the round that is worked in, and the bar of it.</summary>
    private static void Boxes(Brief card, Course course, List<Step> steps, string where)
    {
        var whose = card.Sections.Any(s => s.Entry is not null) ? course.Address.ToString() : null;
        var counters = course
            .Pieces.SelectMany(p => p.Strands.Select(s => (p, s)))
            .Where(c => !c.s.Counter.IsOneNumber && c.s.Interval is null)
            .ToList();
        var counter = -1;
        var at = 0;
        foreach (
            var block in card.Sections.Where(s => s.Id == "count" && s.Entry == whose).SelectMany(s => s.Blocks).OfType<BriefBlock.Boxes>()
        )
        {
            if (block.Caption is not null || counter < 0)
            {
                (counter, at) = (counter + 1, 0);
            }

            var (piece, strand) = counters[counter];
            var chain = Chain(course, piece);
            var mine = steps.Where(s => chain.Contains(s.Piece) && s.Strand == strand.Key).ToList();
            if (block.Head[^1] == "Total")
            {
                foreach (var row in block.Rows.Where(r => r.Cells[^1] is not ("" or BriefBuilder.ClockBlank)))
                {
                    at += row.Cells[0].Split(" + ").Length;
                    if (at <= mine.Count)
                    {
                        Assert.True(row.Cells[^1] == $"{mine[at - 1].Counted}", $"{row.Cells[^1]}, not {mine[at - 1].Counted}: {where}");
                    }
                }

                continue;
            }

            foreach (
                var (row, column) in Enumerable
                    .Range(1, block.Head.Count - 1)
                    .SelectMany(c => Enumerable.Range(0, block.Rows.Count).Select(r => (r, c)))
            )
            {
                if (block.Rows[row].Cells[column] is "" or "–" or BriefBuilder.ClockBlank || at >= mine.Count)
                {
                    continue;
                }

                var step = mine[at++];
                Assert.True(
                    block.Rows[row].Cells[column] is var cell && (cell == $"{step.Counted}" || cell == "no end"),
                    $"{cell}, not {step.Counted}: {where}"
                );
                Assert.True(
                    block.Head[column].Split(' ', ',')[1] == $"{step.Rounds[0]}",
                    $"{block.Head[column]} in {step.Rounds}: {where}"
                );
                if (step.Load is { } load && block.Head[column].Contains(" kg", StringComparison.Ordinal))
                {
                    Assert.True(
                        block.Head[column].Contains($"{Number.Normal(load)} kg", StringComparison.Ordinal),
                        $"{block.Head[column]} with {load}: {where}"
                    );
                }
            }
        }
    }

    /// <summary>A piece, and those before it from which it goes on.</summary>
    private static HashSet<string> Chain(Course course, CoursePiece piece)
    {
        var chain = new HashSet<string> { piece.Piece.Key };
        while (piece.Piece.GoesOnFrom is { } earlier && chain.Add(earlier))
        {
            piece = course.Piece(earlier)!;
        }

        return chain;
    }

    /// <summary>Tables of running totals: read from left to right and down they are the counts at the ends of the tasks.</summary>
    private static void Runnings(Brief paper, Course course, List<Step> steps, string where)
    {
        var tables = paper
            .Sections.SelectMany(s => s.Blocks)
            .OfType<BriefBlock.Table>()
            .Where(t => t.Caption?.Contains("running totals", StringComparison.OrdinalIgnoreCase) == true)
            .Where(t =>
                !t.Caption!.Contains('·', StringComparison.Ordinal) || t.Caption.Contains(course.Address.Within, StringComparison.Ordinal)
            )
            .Select(t =>
                t.Rows.SelectMany(r => t.Head[1] == "Work" ? [r.Cells[^1]] : r.Cells.Skip(1))
                    .Where(c => long.TryParse(c, NumberStyles.None, CultureInfo.InvariantCulture, out _))
                    .Select(c => long.Parse(c, CultureInfo.InvariantCulture))
                    .ToList()
            )
            .ToList();
        foreach (var of in steps.Where(s => s.Strand.Length == 0).GroupBy(s => s.Piece).Where(g => IsPrinted(course.Piece(g.Key)!)))
        {
            var chain = Chain(course, course.Piece(of.Key)!);
            var counts = steps.Where(s => chain.Contains(s.Piece)).Select(s => s.Counted).ToList();
            Assert.True(
                tables.Exists(t => t.Zip(counts).All(x => x.First == x.Second) && t.Count > 0),
                $"{string.Join(' ', counts.Take(12))} in none of "
                    + $"{string.Join(" | ", tables.Select(t => string.Join(' ', t.Take(12))))}: {where}"
            );
        }
    }

    private static bool IsPrinted(CoursePiece piece) =>
        piece.Strand is { TooLarge: false } strand && (piece.Tasks.Count > 1 || strand.HasRounds);

    /// <summary>Gates and rests of one’s own come at the counts that the clock’s papers print for them.</summary>
    private static void Marks(PlayedRun run, Course course, string where)
    {
        var clock = Timeline.Of(course)!;
        var state = PlayedCourse.Start(course, run.End.Sheet, run.End.Choices);
        var rests = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var happening in run.Events)
        {
            var before = state;
            state = state.After(happening);
            if (happening.What is not Happened.Done done)
            {
                continue;
            }

            var (was, now) = (before.Piece(done.Piece)!, state.Piece(done.Piece)!);
            if (now.Gates > was.Gates)
            {
                var fork = clock.Forks.Where(f => f.Piece == done.Piece).ElementAt(now.Gates - 1);
                Assert.True(
                    (fork.Counted, fork.Until, fork.At) == (now.Strands[0].Counted, now.Cap!.Value, was.Cap!.Value)
                        || now.Gates > was.Gates + 1,
                    $"{fork} at {now.Strands[0].Counted} until {now.Cap}: {where}"
                );
            }

            if (now.Phase == PiecePhase.Resting && was.Phase != PiecePhase.Resting)
            {
                var n = rests[done.Piece] = rests.GetValueOrDefault(done.Piece) + 1;
                var rest = clock.OwnRests.Single(r => r.Piece == done.Piece && r.Number == n);
                Assert.True(
                    (rest.Counted, rest.Length) == (now.Strands[0].Counted, now.RestUntil!.Value - happening.At),
                    $"{rest} at {now.Strands[0].Counted}: {where}"
                );
            }
        }
    }
}
