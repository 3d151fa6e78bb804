using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;
using FairCompass.Play;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Playing;

/// <summary>
/// What the caller says is held against runs: each moment at which the clock changes something in a lane is called then, with one
/// minute and ten seconds before it where the stretch is longer, and nothing else is.
/// </summary>
public class CallsAgainstRunsTests
{
    public static TheoryData<string> Texts => DraftTexts.Demos;

    [Theory]
    [MemberData(nameof(Texts))]
    public void Of_the_demo(string demo) => Holds(Understanding.Of(SaltmarshFerryGames.Competition, DraftTexts.Read(demo)), demo);

    [Fact]
    public void Of_made_up_workouts()
    {
        var first = Environment.TickCount & 0xFFFFF;
        for (var seed = first; seed < first + 120; seed++)
        {
            Holds(Understanding.Of(SaltmarshFerryGames.Competition, PlausibleDrafts.Of(seed)), $"seed {seed}\n{PlausibleDrafts.Of(seed)}");
        }
    }

    /// <summary>Stretches around ten seconds and one minute, where the calls before their end begin.</summary>
    [Theory]
    [InlineData("0:10", "0:11")]
    [InlineData("0:30", "0:10")]
    [InlineData("1:00", "0:20")]
    [InlineData("1:01", "1:00")]
    public void Of_short_stretches(string window, string change)
    {
        var work =
            $"2 cycles, change {change} between\n  {window} for reps\n    max sit-up\n  change {change}\n  {window} for reps\n"
            + "    max burpee\n";
        Holds(
            Understanding.Of(SaltmarshFerryGames.Competition, "Draft\n  for Tideline\n\n" + work + "\nscore: reps\n  tie: shared\n"),
            work
        );
    }

    private static void Holds(Understanding u, string which)
    {
        // Who stands still is out with the first interval that ends the work; the clock goes on for who is not.
        var on = Understanding.Of(
            u.Competition,
            u.Text.Replace("unfinished ends the work", "unfinished is skipped, what is done counts", StringComparison.Ordinal)
        );
        for (var i = 0; i < u.Courses.Count; i++)
        {
            var clock = Timeline.Of(u.Courses[i])!;
            var silent = clock.Spans.Where(s => s.Silent).Select(s => s.Starts.Ms).ToHashSet();
            var called = clock.Calls.Where(c => c.At >= Duration.Zero).Select(c => c.At.Ms).Distinct().Order().ToList();
            Assert.True(
                Due(on.Courses[i], on.Sheets[i], clock, silent).SequenceEqual(called),
                $"{u.Courses[i].Address} of {which}\ndue    {Said(Due(on.Courses[i], on.Sheets[i], clock, silent))}\ncalled {Said(called)}"
            );

            Assert.True(
                Rollovers(on.Courses[i], on.Sheets[i])
                    .SequenceEqual(clock.Calls.Where(c => c.Words.StartsWith("interval", StringComparison.Ordinal)).Select(c => c.At.Ms)),
                $"Intervals of {u.Courses[i].Address} of {which}"
            );

            // The lane of a run knows no moment that nobody calls.
            var run = new Player(u, i, PaceTable.Usual).Play(7, (ulong)i);
            var moments = run.End.Pieces.SelectMany(p => Ends(p)).Where(m => m.Ms <= clock.Ends.Ms && !silent.Contains(m.Ms));
            Assert.All(moments, m => Assert.Contains(m.Ms, called));
        }
    }

    /// <summary>When an interval begins that is not the first.</summary>
    private static IEnumerable<long> Rollovers(Course course, ScoreSheet sheet)
    {
        var state = PlayedCourse.Start(course, sheet);
        while (state.NextMoment is { } next)
        {
            var before = state;
            state = state.After(new(next, new Happened.ClockCame()));
            if (state.Pieces.Zip(before.Pieces).Any(p => p.First.Interval > p.Second.Interval && p.Second.Interval > 0))
            {
                yield return next.Ms;
            }
        }
    }

    /// <summary>When a piece of a run opened by the clock and when its clock ended.</summary>
    private static IEnumerable<Duration> Ends(PlayedPiece piece)
    {
        if (!piece.Piece.Piece.InTimeLeft && piece.Opened is { } opened)
        {
            yield return opened;
        }

        if (piece.Phase is PiecePhase.Over)
        {
            yield return piece.Cap!.Value;
        }
    }

    /// <summary>The moments, from walks of the played course by who passes no gate, the first, the first two, and so on.</summary>
    private static List<long> Due(Course course, ScoreSheet sheet, Timeline clock, HashSet<long> silent)
    {
        var due = new HashSet<long>();
        for (var passes = 0; passes <= course.Pieces.Max(p => p.Limit?.Gates.Count ?? 0); passes++)
        {
            var state = PlayedCourse.Start(course, sheet);
            foreach (var piece in state.Pieces.Where(p => p.Opened == Duration.Zero))
            {
                due.Add(0);
            }

            while (true)
            {
                foreach (var piece in state.Pieces.Where(p => p.IsOpen && p.Piece.Limit?.Gates.Count > p.Gates).ToList())
                {
                    state = Hurry(state, piece.Piece.Piece.Key, passes);
                }

                if (state.NextMoment is not { } next)
                {
                    break;
                }

                state = state.After(new(next, new Happened.ClockCame()));
                // What waits for the piece before opens by no clock, and a rest of one's own is nobody else's.
                due.Add(next.Ms);
            }
        }

        var rests = clock.Spans.Where(s => s.Kind != SpanKind.Work).ToList();
        due.ExceptWith(silent);
        var stretches = due.Order().ToList();
        var all = new HashSet<long>(due);
        for (var i = 0; i < stretches.Count; i++)
        {
            // A stretch begins with the moment before, called or not; during a rest nobody needs the minute.
            var before = due.Concat(silent).Where(m => m < stretches[i]).DefaultIfEmpty(-1).Max();
            if (before < 0)
            {
                continue;
            }

            var rest = rests.Exists(r => r.Starts.Ms <= before && r.Ends.Ms >= stretches[i]);
            if (!rest && stretches[i] - before > 60_000)
            {
                all.Add(stretches[i] - 60_000);
            }

            if (stretches[i] - before > 10_000)
            {
                all.Add(stretches[i] - 10_000);
            }
        }

        return [.. all.Order()];
    }

    /// <summary>Does every unit up to some gate at once.</summary>
    private static PlayedCourse Hurry(PlayedCourse state, string key, int gate)
    {
        while (state.Piece(key) is { IsOpen: true } piece && piece.Gates < Math.Min(gate, piece.Piece.Limit!.Gates.Count))
        {
            var possible = state.Possible().First(p => p.Piece == key);
            Happened what = possible.Needs switch
            {
                Need.Move => new Happened.MoveDone(key),
                Need.Load => new Happened.ReRigged(key),
                Need.Hold => new Happened.HoldTaken(key, piece.Members.Count),
                Need.HandOver => new Happened.HandedOver(key, (piece.Worker % piece.Members.Count) + 1 ?? 1),
                _ => new Happened.Done(key, possible.Strand, 1),
            };
            state = state.After(new(state.Now, what));
        }

        return state;
    }

    private static string Said(IEnumerable<long> moments) => string.Join(' ', moments.Select(m => new Duration(m)));
}
