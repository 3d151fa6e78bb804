using CsCheck;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Courses;

public class ClockworkTests
{
    private static readonly Gen<Division> Divisions = Gen.Enum<DivisionKind>().Select(k => new Division("Any", k, ["man", "woman"], null));

    /// <summary>Rotas, relays and waves of any size, for any team.</summary>
    private static readonly Gen<string> Stages = Gen.Select(
        Gen.Int[0, 3],
        Gen.Int[1, 6],
        Gen.Int[1, 9],
        Gen.Int[1, 3],
        (kind, stations, turns, cycles) =>
        {
            var list = string.Concat(Enumerable.Range(1, stations).Select(s => $"\n    station S{s}\n      max sit-up"));
            var stage = kind switch
            {
                0 => $"rota for reps, 1:10 each, {turns} turns, change 0:20{list}",
                1 => $"waves for reps, 2:00 each, change 0:30, by One, Two{list}",
                2 => "relay for reps, 1:30 each, rest 0:20\n    max sit-up",
                _ => "3:00 for reps\n    max sit-up",
            };
            return $"T\n  groups One 1, Two 2\n\n{cycles} cycles, rest 1:00 between\n  {stage}\n\nscore: reps\n  tie: shared\n";
        }
    );

    [Fact]
    public void Nobody_is_in_two_places_and_no_station_has_two() =>
        Gen.Select(Stages, Divisions)
            .Sample(
                (text, division) =>
                {
                    var clock = Clockwork.Of(Parser.Parse(text).Workout, division);
                    Assert.False(clock.HasUnset);
                    foreach (var span in clock.Spans)
                    {
                        var present = span.Where.Where(w => w.Who is not null).ToList();
                        Assert.Equal(present.Count, present.Select(w => w.Who).Distinct().Count());
                        var stations = span.Where.Where(w => w.Where is not null).ToList();
                        Assert.Equal(stations.Count, stations.Select(w => w.Where).Distinct().Count());
                        Assert.True(span.Judges >= stations.Count || stations.Count == 0);
                    }
                },
                iter: 500
            );

    [Fact]
    public void Spans_follow_each_other_without_gaps() =>
        Gen.Select(Stages, Divisions)
            .Sample(
                (text, division) =>
                {
                    var at = Duration.Zero;
                    foreach (var span in Clockwork.Of(Parser.Parse(text).Workout, division).Spans)
                    {
                        Assert.Equal(at, span.Starts);
                        Assert.True(span.Ends > span.Starts);
                        at = span.Ends;
                    }
                },
                iter: 300
            );

    [Fact]
    public void In_a_full_rota_everybody_is_once_at_every_station() =>
        Gen.Int[2, 6]
            .Where(n => n != 5)
            .Sample(n =>
            {
                var kind = n switch
                {
                    2 => DivisionKind.Pair,
                    3 => DivisionKind.TeamOf3,
                    4 => DivisionKind.TeamOf4,
                    _ => DivisionKind.TeamOf6,
                };
                var list = string.Concat(Enumerable.Range(1, n).Select(s => $"\n  station S{s}\n    max sit-up"));
                var pieces = Clockwork
                    .Of(Parser.Parse($"T\n\nrota for reps, 1:00 each{list}\n").Workout, new Division("Any", kind, ["man"], null))
                    .Pieces;
                Assert.Equal(n * n, pieces.Count);
                Assert.Equal(n * n, pieces.Select(p => (p.Seat, p.Station)).Distinct().Count());
                Assert.Equal(n * n, pieces.Select(p => (p.Turn, p.Station)).Distinct().Count());
            });

    /// <summary>Any workout of the whole grammar has a clock or says why not, and never more pieces than are written out.</summary>
    [Fact]
    public void Any_workout_is_walked() =>
        Gen.Select(WorkoutGen.Any, Divisions)
            .Sample(
                (workout, division) =>
                {
                    var clock = Clockwork.Of(workout, division);
                    Assert.True(clock.Pieces.Count <= Clockwork.LargestCount + 50);
                    Assert.Equal(clock.Pieces.Count, clock.Pieces.Select(p => p.Key).Distinct().Count());
                },
                iter: 500
            );

    [Fact]
    public void A_silent_switch_is_not_called()
    {
        var clock = Timeline.Of(Demo.Understand(DraftTexts.Demo("11")).Courses[0])!;
        Assert.DoesNotContain(clock.Calls, c => c.At == Duration.Seconds(70));
        Assert.Contains(clock.Calls, c => c.At == Duration.Seconds(280));
        Assert.Equal(9, clock.Spans.Count(s => s.Silent));
    }

    [Fact]
    public void The_change_of_a_bar_is_the_work_of_a_group()
    {
        var clock = Timeline.Of(Demo.Understand(DraftTexts.Demo("15")).Courses[0])!;
        Assert.Contains(
            clock.Spans.Single(s => s.Starts == Duration.Seconds(555)).Where,
            w => w is { Who: "Two", Does: "changes the load to 70/47.5 kg" }
        );
    }

    /// <summary>In a window means while it runs, in the change means before it begins; who changes the load does not rest.</summary>
    [Theory]
    [InlineData("in window 3", "5:20", "7:20")]
    [InlineData("in window 3, in the change", "4:40", "5:20")]
    public void A_load_is_changed_when_the_line_says_so(string when, string starts, string ends)
    {
        var u = Demo.Understand(
            "T\n  for Crew of Four\n  a/b is man/woman\n  groups One 2, Two 2\n\nwaves for reps, 2:00 each, change 0:40, by One, Two\n"
                + $"  re-rig: 60/40 kg by One, {when}\n  station Bar\n    max deadlift, 80/60 kg\n  station Mat\n    max sit-up\n"
                + "\nscore: reps\n  tie: shared\n"
        );
        Assert.True(u.Parsed.Problems.Count == 0, string.Join("; ", u.Parsed.Problems.Select(p => p.Sentence)));
        var rigged = Timeline.Of(u.Courses[0])!.Spans.Where(s => s.Where.Any(w => w.Does.StartsWith("changes", StringComparison.Ordinal)));
        var span = Assert.Single(rigged);
        Assert.Equal((starts, ends), (span.Starts.ToString(), span.Ends.ToString()));
        Assert.DoesNotContain(span.Where, w => w is { Who: "One", Does: "rests" });
    }

    [Fact]
    public void A_rest_of_ones_own_lies_between_the_opening_and_the_last_finish_that_leaves_time()
    {
        var rest = Assert.Single(Timeline.Of(Demo.Understand(DraftTexts.Demo("08")).Courses[0])!.OwnRests);
        Assert.Equal((1045L, 50_000L, 0L, 940_000L), (rest.AfterUnits, rest.Length.Ms, rest.Earliest.Ms, rest.Latest.Ms));
    }

    /// <summary>The example of the design page: with 5 first in each interval, 143 in all is interval 12 with 83 or interval 8 with
    /// 103.</summary>
    [Fact]
    public void A_bare_total_of_two_counters_has_several_places()
    {
        var u = Demo.Understand(
            "T\n  for Tideline\n\n12:00 for time\n  every 1:00, unfinished is skipped\n    first\n      5 pull-up\n    then\n  "
                + "    120 cal air bike\n\nscore: time\n  unfinished: cap line by calories\n  tie: shared\n"
        );
        var places = Intervals.Places(u.Courses[0].Pieces[0], 143);
        Assert.Contains(places, p => p is { Interval: 12, First: 60, Then: 83 });
        Assert.Contains(places, p => p is { Interval: 8, First: 40, Then: 103 } && p.From == Duration.Seconds(420));
        Assert.DoesNotContain(places, p => p.Interval == 4);
        Assert.All(places, p => Assert.Equal(143, p.First + p.Then));
        Assert.Empty(Intervals.Places(u.Courses[0].Pieces[0], 181));
        Assert.Equal([(1, 3L, 0L)], Intervals.Places(u.Courses[0].Pieces[0], 3).Select(p => (p.Interval, p.First, p.Then)));
    }
}
