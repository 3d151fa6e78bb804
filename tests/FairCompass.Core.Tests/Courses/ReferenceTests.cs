using System.Text.Json.Nodes;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Courses;

/// <summary>
/// The demo workouts against figures that a script in another language worked out rep by rep
/// (tests/reference/demo_workouts.py; it shares no code with the program).
/// </summary>
public class ReferenceTests
{
    private static readonly JsonObject Reference = JsonNode.Parse(DraftTexts.Read("reference/demo_workouts"))!.AsObject();

    public static TheoryData<string> Counted => new(Reference.Where(w => w.Value!["strands"] is not null).Select(w => w.Key));

    public static TheoryData<string> Numbers => new(Reference.Where(w => w.Key != "scores").Select(w => w.Key));

    [Theory]
    [MemberData(nameof(Counted))]
    public void Every_unit_stands_where_the_walk_puts_it(string number)
    {
        foreach (var (piece, counters) in Reference[number]!["strands"]!.AsObject())
        {
            foreach (var (who, expected) in counters!.AsObject())
            {
                var course = CourseOf(number, who is "first" or "then" ? "pair" : who);
                var compiled = course.Piece(piece)!;
                var strand = who is "first" or "then" ? compiled.Strands.Single(s => s.Key == who).Counter : compiled.Strand!;
                Check(expected!, compiled, strand);
            }
        }
    }

    [Fact]
    public void The_lightest_options_of_the_menu_are_credited_alike()
    {
        var course = CourseOf("07", "man");
        var light = course.With([new Chosen("0", 0, 2, null), new Chosen("0", 1, 1, null), new Chosen("0", 2, 1, null)]);
        Check(Reference["07"]!["options"]!, light.Piece("0")!, light.Piece("0")!.Strand!, byName: false);
        Assert.Equal(
            course.Piece("0")!.Strand!.Sum(course.Piece("0")!.Strand!.UnitsAfterRound(9)!.Value, Tally.Credit),
            light.Piece("0")!.Strand!.Sum(light.Piece("0")!.Strand!.UnitsAfterRound(9)!.Value, Tally.Credit)
        );
    }

    [Theory]
    [MemberData(nameof(Numbers))]
    public void The_clock_runs_as_added_up(string number)
    {
        var course = Demo.Understand(DraftTexts.Demo(number)).Courses[0];
        var clock = Timeline.Of(course)!;
        Assert.Equal(
            Reference[number]!["clock"]!.AsArray().Select(s => $"{s![0]} {s[1]} {s[2]}"),
            clock.Spans.Select(s => $"{s.Kind} {s.Starts.Ms / 1000} {s.Ends.Ms / 1000}")
        );
        Assert.Equal(
            Reference[number]!["gates"]?.AsArray().Select(g => $"{g![0]} {g[1]} {g[2]}") ?? [],
            clock.Forks.Select(f => $"{f.Units} {f.At.Ms / 1000} {f.Until.Ms / 1000}")
        );
        if (Reference[number]!["judges"] is { } judges)
        {
            Assert.Equal((int)judges, clock.Judges);
        }

        foreach (var interval in Reference[number]!["intervals"]?.AsArray().Skip(1) ?? [])
        {
            Assert.Contains(
                clock.Calls,
                c =>
                    c.At == Duration.Seconds((int)interval![0]!)
                    && c.Words.EndsWith($": {interval[1]} burpee to the target", StringComparison.Ordinal)
            );
        }
    }

    [Fact]
    public void The_rota_turns_as_written_out()
    {
        var spans = Demo.Understand(DraftTexts.Demo("11")).Courses[0].Clock.Spans.Where(s => s.Kind == SpanKind.Work).ToList();
        var expected = Reference["11"]!["rota"]!.AsArray();
        Assert.Equal(expected.Count, spans.Count);
        for (var t = 0; t < spans.Count; t++)
        {
            Assert.Equal(
                expected[t]!.AsArray().Select(m => FairCompass.Core.Text.Words.Ordinal((int)m!)),
                spans[t].Where.Select(w => w.Who)
            );
        }
    }

    [Theory]
    [InlineData("man")]
    [InlineData("woman")]
    public void The_bar_of_each_rung_is_printed(string duty)
    {
        var course = CourseOf("06", duty);
        var rows = Ledger.Of(course.Piece("0")!.Strand!, course.Piece("0")!.Tasks, 12)[0].Rows;
        Assert.Equal(Reference["06"]!["bars"]![duty]!.AsArray().Select(b => $"{b} kg"), rows.Select(r => r.Cells[0].Load));
    }

    [Fact]
    public void Scores_of_given_cards()
    {
        var expected = Reference["scores"]!;
        Assert.Equal(Seconds(expected["04"]!["at 58 reps"]!), Score("04", "man", [new("0", null, 58, null, [])])[0].Value);
        Assert.Equal(Seconds(expected["10"]!["143 from the longest cap"]!), Penalty("", 143));
        Assert.Equal(Seconds(expected["10"]!["144 from the longest cap"]!), Penalty("", 144));
        Assert.Equal(Seconds(expected["10"]!["143 from the own cap"]!), Penalty(", from the own cap", 143));

        var course = CourseOf("11", "team");
        int[] rows = [16, 11, 14, 12];
        var table = Score(
            "11",
            "team",
            course
                .Pieces.Select(p => new PieceObservation(
                    p.Piece.Key,
                    null,
                    p.Piece.Station!.Replace("Last ", "", StringComparison.Ordinal) switch
                    {
                        "Row" => rows[p.Piece.Seat!.Value - 1],
                        "Bags" => 20,
                        "Mat" => 25,
                        _ => 22,
                    },
                    null,
                    []
                ))
                .ToArray()
        );
        Assert.Equal([-(long)expected["11"]!["A"]!, -(long)expected["11"]!["B"]!], table.Select(r => r.Value));

        var relay = Score(
            "14",
            "team",
            [
                .. new long[] { 61, 70, 66, 78 }.Select(
                    (n, k) => new PieceObservation(k.ToString(System.Globalization.CultureInfo.InvariantCulture), null, n, null, [])
                ),
            ]
        )[0];
        Assert.Equal((-(long)expected["14"]!["sum"]!, -(long)expected["14"]!["lowest"]!), (relay.Value, relay.Ties[0]));

        var bridge = Score(
            "15",
            "team",
            [
                new("0", Duration.Seconds(290), null, null, []),
                new("1", null, 70, null, []),
                .. new long[] { 31, 40, 28, 37 }.Select(
                    (n, k) => new PieceObservation((k + 2).ToString(System.Globalization.CultureInfo.InvariantCulture), null, n, null, [])
                ),
            ]
        );
        Assert.Equal(-(long)expected["15"]!["three"]!, bridge[2].Value);
        Assert.Equal((ResultClass.Scored, ResultClass.AtTheCap), (bridge[0].Class, bridge[1].Class));

        var points = Score(
            "17",
            "man",
            [
                new("0", null, null, null, [], Counts: [new("0", 20), new("1", 12)]),
                new("1", null, null, null, [], Counts: [new("0", 15), new("1", 4), new("2", 6)]),
                new("2", null, 41, null, []),
                new("3", null, 33, null, []),
            ]
        )[0];
        Assert.Equal((-(long)expected["17"]!["points"]!, "217 points"), (points.Value, points.Text));
    }

    /// <summary>The two schools of the design page: with the own cap, 143 at 11:37 beats who finishes at 11:45; the text is
    /// refused.</summary>
    [Fact]
    public void The_penalty_from_the_own_cap_is_refused_with_its_example()
    {
        var finding = Assert.Single(
            Demo.Understand(
                    DraftTexts
                        .Demo("10")
                        .Replace("cap line by reps", "+0:01 for each missing rep, from the own cap", StringComparison.Ordinal)
                )
                .Findings()
        );
        Assert.Equal("Who finishes in 11:45 would lose to who was stopped after 143 reps with 11:37.", finding.Sentence);
        Assert.Empty(
            Demo.Understand(DraftTexts.Demo("10").Replace("cap line by reps", "+0:01 for each missing rep", StringComparison.Ordinal))
                .Findings()
        );
    }

    private static long Penalty(string from, long units)
    {
        var u = Demo.Understand(
            DraftTexts.Demo("10").Replace("cap line by reps", "+0:01 for each missing rep" + from, StringComparison.Ordinal)
        );
        return Scorer
            .Score(new RunObservation(EntryStatus.Ran, [new("0", null, units, null, [])]), u.Courses[0], u.Sheets[0], MassUnit.Kilogram)[0]
            .Value;
    }

    private static void Check(JsonNode expected, CoursePiece piece, Strand strand, bool byName = true)
    {
        Assert.Equal((long?)expected["units"], strand.Units);
        Assert.Equal((long?)expected["credit"], strand.Total(Tally.Credit));
        foreach (var place in expected["places"]!.AsArray())
        {
            var units = (long)place!["units"]!;
            var found = strand.At(units);
            Assert.Equal(((long)place["round"]!, (long)place["unit"]!), (found.Rounds.Count == 0 ? 0 : found.Rounds[0], found.Unit));
            Assert.Equal(units, strand.UnitsAt(found));
            Assert.Equal((long)place["credit"]!, strand.Sum(units, Tally.Credit));
            if (byName)
            {
                Assert.Equal((string)place["task"]!, piece.Tasks[found.Task].Prescription.Movement.Value);
            }
        }
    }

    private static Course CourseOf(string number, string entry)
    {
        var u = Demo.Understand(DraftTexts.Demo(number));
        return u.Courses.First(c =>
            c.Address.Within == entry
            || c.Address.Within == entry + ", Great Bell"
            // Of entries that are made up differently the first.
            || (c.Address.Duty is null && c.Address.Within.StartsWith(entry + ", ", StringComparison.Ordinal))
        );
    }

    private static Eq<ComponentResult> Score(string number, string entry, PieceObservation[] pieces)
    {
        var u = Demo.Understand(DraftTexts.Demo(number));
        var i = u.Courses.ToList().FindIndex(c => c.Address.Within == entry);
        var run = new RunObservation(EntryStatus.Ran, Eq.From<PieceObservation>(pieces));
        Assert.Empty(Card.Validate(run, u.Courses[i], u.Sheets[i]));
        return Scorer.Score(run, u.Courses[i], u.Sheets[i], MassUnit.Kilogram);
    }

    private static long Seconds(JsonNode node) => (long)node * 1000;
}
