using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Scoring;

/// <summary>Slips of the pen on a card, each with the field it is refused at; beside each, the nearest card that is right.</summary>
public class CardRefusalTests
{
    private static PieceObservation Seen(string piece = "0", string? finish = null, long? units = null, string? tie = null) =>
        new(piece, finish is null ? null : Time(finish), units, tie is null ? null : Time(tie), []);

    private static Duration Time(string text) => Duration.TryParse(text)!.Value;

    public static TheoryData<string, string, PieceObservation[], string, string> Wrong =>
        new()
        {
            { "an unknown part", "03", [Seen(finish: "9:00"), Seen("7", units: 3)], "pieces[1].piece", "no such part" },
            { "a part twice", "03", [Seen(finish: "9:00"), Seen(finish: "9:00")], "pieces[1].piece", "twice" },
            { "nothing where a time or a count belongs", "03", [], "pieces[0].units", "finishing time, or the reps" },
            { "nothing where a count belongs", "02", [], "pieces[0].units", "Enter the reps done." },
            { "a finish where nobody finishes", "02", [Seen(finish: "9:00", units: 20)], "pieces[0].finish", "no finishing time" },
            { "a finish on the start", "03", [Seen(finish: "0:00")], "pieces[0].finish", "after 0:00" },
            { "a finish after the cap", "03", [Seen(finish: "13:01")], "pieces[0].finish", "not after 13:00" },
            { "a time and a count", "03", [Seen(finish: "9:00", units: 20)], "pieces[0].units", "has done every rep" },
            { "one rep more than there is", "03", [Seen(units: 164)], "pieces[0].units", "enter the finishing time" },
            { "less than nothing", "03", [Seen(units: -1)], "pieces[0].units", "From 0 to 163" },
            { "more than anybody does", "02", [Seen(units: 1_000_001)], "pieces[0].units", "From 0 to 1000000" },
            {
                "four watches",
                "03",
                [Seen() with { Watches = [Time("9:00"), Time("9:00"), Time("9:01"), Time("9:01")] }],
                "pieces[0].watches",
                "three watches"
            },
            {
                "a time beside the watches",
                "03",
                [Seen(finish: "9:00") with { Watches = [Time("9:00")] }],
                "pieces[0].watches",
                "only one of them"
            },
            {
                "a watch after the cap",
                "03",
                [Seen() with { Watches = [Time("12:59"), Time("13:01")] }],
                "pieces[0].watches[1]",
                "not after 13:00"
            },
            { "a tie time nobody asks for", "03", [Seen(units: 20, tie: "3:00")], "pieces[0].tieTime", "No tie-break asks" },
            { "a tie time after the finish", "04", [Seen(finish: "6:00", tie: "6:01")], "pieces[0].tieTime", "not after 6:00" },
            { "a tie time on the start", "04", [Seen(finish: "6:00", tie: "0:00")], "pieces[0].tieTime", "after 0:00" },
            { "lifts where none are", "03", [Seen(finish: "9:00") with { Tries = [new Try(60, true)] }], "pieces[0].tries", "no lifts" },
            { "no load", "01", [Seen(finish: "8:00"), Seen("1") with { Tries = [new Try(0, true)] }], "pieces[1].tries[0].load", "over 0" },
            {
                "a load finer than a gram",
                "01",
                [Seen(finish: "8:00"), Seen("1") with { Tries = [new Try(60.0001m, true)] }],
                "pieces[1].tries[0].load",
                "over 0"
            },
            {
                "fifty-one lifts",
                "01",
                [Seen(finish: "8:00"), Seen("1") with { Tries = Enumerable.Repeat(new Try(60, true), 51).ToEq() }],
                "pieces[1].tries",
                "At most 50"
            },
            {
                "a seat in a team of one",
                "01",
                [Seen(finish: "8:00"), Seen("1") with { Tries = [new Try(60, true, 2)] }],
                "pieces[1].tries[0].seat",
                "from 1 to 1"
            },
            {
                "lifts of a part that was never reached",
                "01",
                [Seen(units: 20), Seen("1") with { Tries = [new Try(60, true)] }],
                "pieces[1].tries",
                "never reached"
            },
            { "ticks without a target", "03", [Seen(finish: "9:00") with { Ticks = 1 }], "pieces[0].ticks", "no bonus target" },
            { "unverified reps on the floor", "03", [Seen(units: 20) with { Unverified = 1 }], "pieces[0].unverified", "no rule for it" },
            {
                "a place and a count",
                "03",
                [Seen(units: 20) with { Stood = new LedgerPlace(null, 1, 5) }],
                "pieces[0].stood",
                "only one of them"
            },
            {
                "a place that is not there",
                "03",
                [Seen() with { Stood = new LedgerPlace(null, 40, 5) }],
                "pieces[0].stood",
                "no such place"
            },
        };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void A_slip_is_refused_at_its_field(string what, string workout, PieceObservation[] seen, string path, string part)
    {
        var errors = Validate(workout, EntryStatus.Ran, seen);
        Assert.True(
            errors.Any(e => e.Path == path && e.Message.Contains(part, StringComparison.Ordinal)),
            $"{what}: {string.Join(" | ", errors)}"
        );
    }

    public static TheoryData<string, string, PieceObservation[]> Right =>
        new()
        {
            { "a finish on the cap", "03", [Seen(finish: "13:00")] },
            { "a finish in the first second", "03", [Seen(finish: "0:01")] },
            { "all but one rep", "03", [Seen(units: 163)] },
            { "no rep at all", "03", [Seen(units: 0)] },
            { "three watches", "03", [Seen() with { Watches = [Time("9:00"), Time("9:00"), Time("9:01")] }] },
            { "a tie time at the finish", "04", [Seen(finish: "6:00", tie: "6:00")] },
            { "fifty lifts", "01", [Seen(finish: "8:00"), Seen("1") with { Tries = Enumerable.Repeat(new Try(60, true), 50).ToEq() }] },
            { "a load of small plates", "01", [Seen(finish: "8:00"), Seen("1") with { Tries = [new Try(62.5m, false)] }] },
            { "a part that was never reached, left empty", "01", [Seen(units: 20), Seen("1")] },
        };

    [Theory]
    [MemberData(nameof(Right))]
    public void The_nearest_right_card_is_taken(string what, string workout, PieceObservation[] seen) =>
        Assert.True(
            Validate(workout, EntryStatus.Ran, seen) is [],
            what + ": " + string.Join(" | ", Validate(workout, EntryStatus.Ran, seen))
        );

    [Fact]
    public void Who_did_not_start_has_no_result()
    {
        Assert.Empty(Validate("03", EntryStatus.DidNotStart, []));
        Assert.Empty(Validate("03", EntryStatus.DidNotStart, [Seen()]));
        Assert.Empty(Validate("03", EntryStatus.DidNotStart, [Seen(units: 0)]));
        Assert.Equal("status", Assert.Single(Validate("03", EntryStatus.DidNotStart, [Seen(units: 1)])).Path);
        Assert.Equal("status", Assert.Single(Validate("03", EntryStatus.DidNotStart, [Seen(finish: "9:00")])).Path);
    }

    [Fact]
    public void Who_withdrew_may_have_done_something()
    {
        Assert.Empty(Validate("03", EntryStatus.Withdrew, [Seen(units: 40)]));
        Assert.Empty(Validate("03", EntryStatus.Withdrew, []));
        Assert.Equal("pieces[0].units", Assert.Single(Validate("03", EntryStatus.Withdrew, [Seen(units: 9000)])).Path);
    }

    private static IReadOnlyList<FairCompass.Core.Quantities.FieldError> Validate(
        string workout,
        EntryStatus status,
        PieceObservation[] seen
    )
    {
        var u = Demo.Understand(DraftTexts.Demo(workout));
        return Card.Validate(new RunObservation(status, [.. seen]), u.Courses[0], u.Sheets[0]);
    }
}
