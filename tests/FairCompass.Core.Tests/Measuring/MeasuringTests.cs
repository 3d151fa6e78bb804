using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Languages;
using FairCompass.Core.Measuring;
using FairCompass.Core.Quantities;
using FairCompass.Core.Tests.Briefing;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Measuring;

/// <summary>From a mark on the body to the line, in millimetres and inches.</summary>
public class MeasuringTests
{
    private static readonly DateOnly Day = new(2027, 6, 12);

    private static string Text(string line) =>
        $"T\n  for Tideline, Meadow\n  a/b is man/woman\n\n9:00 for reps\n  max {line}\n\nscore: reps\n  tie: shared\n";

    private static Eq<MeasuredPlace> Places(string line) => MeasuredPlace.Of(Demo.Understand(Text(line)));

    /// <summary>Every height of a draft that hangs from a body is a place, whatever the movement, and each only once.</summary>
    [Theory]
    [InlineData("chest-to-bar pull-up, bar 15 cm above reach", "reach", "bar", 150, true)]
    [InlineData("toes-to-bar, bar 10 cm above the crown", "the crown", "bar", 100, true)]
    [InlineData("rope climb, target 2 m above reach", "reach", "target", 2000, true)]
    [InlineData("plank walk, line 20 cm below the hips", "the hips", "line", 200, false)]
    [InlineData("wall-ball shot, 9/6 kg, target 60 cm above reach", "reach", "target", 600, true)]
    public void A_height_that_hangs_from_a_body_is_measured(string line, string mark, string sets, int millimetres, bool above)
    {
        var place = Assert.Single(Places(line), p => p.Amount?.InMillimetres == millimetres);
        Assert.Equal((mark, sets, above), (place.Marked.English, place.Sets.English, place.Above));
        Assert.Contains(mark, Brief(line), StringComparison.Ordinal);
    }

    /// <summary>A height from the floor is the same for all.</summary>
    [Theory]
    [InlineData("chest-to-bar pull-up, bar 2.30 m")]
    [InlineData("chest-to-bar pull-up, bar 2.30 m above the floor")]
    [InlineData("box jump, box 60/50 cm")]
    public void A_height_from_the_floor_is_not(string line) => Assert.Empty(Places(line));

    private static string Brief(string line) =>
        BriefText.Of(new BriefBuilder(Demo.Understand(Text(line)), null, Day).Build(Audience.Measurement));

    /// <summary>3 in = 76.2 mm exactly, because an inch is 25.4 mm (international yard and pound agreement of 1959, 24 FR 5348).</summary>
    [Theory]
    [InlineData("76.2", 76, "3.00", "3")]
    [InlineData("25.4", 25, "1.00", "1")]
    [InlineData("12.7", 13, "0.50", "1/2")]
    [InlineData("0", 0, "0.00", "0")]
    [InlineData("2044", 2044, "80.47", "80 1/2")]
    [InlineData("2047.8", 2048, "80.62", "80 5/8")]
    [InlineData("1.5875", 2, "0.06", "1/16")]
    [InlineData("25.3", 25, "1.00", "1")]
    public void A_tape_shows_millimetres_and_sixteenths(string millimetres, int whole, string inches, string tape)
    {
        var shown = TapeLength.Of(decimal.Parse(millimetres, System.Globalization.CultureInfo.InvariantCulture));
        Assert.Equal((whole, inches, tape), ((int)shown.Millimetres, shown.Inches, shown.Tape));
    }

    /// <summary>The nearest sixteenth is never further than half a sixteenth away, and what is printed is read back as the same.</summary>
    [Fact]
    public void A_tape_reading_is_near_and_is_read_back() =>
        Gen.Int[0, 40_000]
            .Select(n => n / 10m)
            .Sample(mm =>
            {
                var read = Typed.Read(TapeLength.Of(mm).Tape, out _)!.Value * Length.MillimetresPerInch;
                return Math.Abs(read - mm) <= (Length.MillimetresPerInch / 32) + 0.01m;
            });

    [Fact]
    public void Nothing_is_less_than_nothing() => Assert.Throws<ArgumentOutOfRangeException>(() => TapeLength.Of(-0.1m));

    [Theory]
    [InlineData("2124", "2124")]
    [InlineData(" 83.5 ", "83.5")]
    [InlineData("83 1/2", "83.5")]
    [InlineData("83-1/2", "83.5")]
    [InlineData("1/3", "0.3333")]
    public void What_people_type_off_a_tape_is_read(string typed, string value) =>
        Assert.Equal(decimal.Parse(value, System.Globalization.CultureInfo.InvariantCulture), Typed.Read(typed, out _));

    [Theory]
    [InlineData("", "Type what the tape shows.")]
    [InlineData("2,1", "Write 2.1: decimals have a point.")]
    [InlineData("two", "A number is needed, such as 2124, 83.5 or 83 1/2.")]
    [InlineData("1/0", "A fraction of zero is no length.")]
    [InlineData("-5", "A number is needed, such as 2124, 83.5 or 83 1/2.")]
    [InlineData("1e3", "A number is needed, such as 2124, 83.5 or 83 1/2.")]
    public void What_is_no_length_is_refused_with_the_reason(string typed, string reason)
    {
        Assert.Null(Typed.Read(typed, out var objection));
        Assert.Equal(reason, objection);
    }

    [Fact]
    public void A_line_lies_below_the_mark_and_a_target_above()
    {
        var line = Assert.Single(Places("strict handstand push-up, line 80 mm below the wrists"));
        Assert.Equal(2044, line.Line(new(2124, LengthUnit.Millimetre)));
        Assert.Equal(2040.9m, line.Line(new(83.5m, LengthUnit.Inch)));
        var target = Assert.Single(Places("burpee to the target, target 15 cm above reach"));
        Assert.Equal(2274, target.Line(new(212.4m, LengthUnit.Centimetre)));
        Assert.Equal(0, Assert.Single(Places("jump to support on the rings")).Amount!.Value.Value);
    }

    [Fact]
    public void An_amount_that_nobody_has_said_is_not_invented()
    {
        var place = Assert.Single(Places("strict handstand push-up"));
        Assert.Null(place.Amount);
        Assert.Equal("The draft does not say how far the line lies from the mark.", place.Objection(new(2124, LengthUnit.Millimetre)));
        Assert.Throws<InvalidOperationException>(() => place.Line(new(2124, LengthUnit.Millimetre)));
    }

    [Theory]
    [InlineData(99, LengthUnit.Millimetre)]
    [InlineData(4001, LengthUnit.Millimetre)]
    [InlineData(212, LengthUnit.Metre)]
    public void A_mark_that_no_person_reaches_is_refused(int value, LengthUnit unit) =>
        Assert.StartsWith(
            "A mark lies from 100 mm to 4000 mm",
            Places("strict handstand push-up, line 80 mm below the wrists")[0].Objection(new(value, unit)),
            StringComparison.Ordinal
        );

    [Fact]
    public void A_line_under_the_floor_is_refused() =>
        Assert.Equal(
            "The line would lie under the floor.",
            Places("strict handstand push-up, line 200 cm below the wrists")[0].Objection(new(1900, LengthUnit.Millimetre))
        );

    [Fact]
    public void A_height_from_the_floor_is_no_measure_of_a_body() => Assert.Empty(Places("wall-ball shot, 9/6 kg, target 3.00/2.75 m"));

    [Fact]
    public void The_sheet_holds_what_was_read_with_its_line_and_who_it_is_for()
    {
        var u = Demo.Understand(DraftTexts.Demo("08"));
        var place = Assert.Single(MeasuredPlace.Of(u));
        Assert.Equal(["Tideline", "Estuary", "Anchor 45+"], place.For);
        var reading = new Reading(
            place.Key,
            "Tamsin Oake",
            new(2124, LengthUnit.Millimetre),
            "R. Mudge",
            new DateTime(2027, 6, 12, 8, 5, 0)
        );
        Brief Sheet(Language language, params Reading[] readings) =>
            new BriefBuilder(u, null, Day, new() { Language = language, Readings = [.. readings] }).Build(Audience.Measurement);
        var rows = Sheet(Language.English, reading).Sections.Single(s => s.Id == "sheet").Blocks.OfType<BriefBlock.Table>().Single().Rows;
        Assert.Equal(["Tamsin Oake", "2124 mm", "2044 mm · 80 1/2 in", "R. Mudge", "2027-06-12 08:05"], rows[0].Cells);
        Assert.Equal(16, rows.Count);
        Assert.All(rows.Skip(1), r => Assert.All(r.Cells, c => Assert.Equal("", c)));
        Assert.Contains("marca − 80 mm (3 1/8 in)", BriefText.Of(Sheet(Language.Spanish), "how"), StringComparison.Ordinal);
        // A reading of a place that the draft no longer has is on no sheet, and the others are.
        Assert.Equal(
            "",
            Sheet(Language.English, reading with { Place = "gone" })
                .Sections.Single(s => s.Id == "sheet")
                .Blocks.OfType<BriefBlock.Table>()
                .Single()
                .Rows[0]
                .Cells[0]
        );
    }
}
