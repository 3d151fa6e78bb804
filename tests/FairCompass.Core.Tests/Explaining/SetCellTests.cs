using FairCompass.Core.Commands;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Explaining;

/// <summary>A cell of the table is a change of the text, and changes only the lines it names.</summary>
public class SetCellTests
{
    private static string Set(string text, int line, string aspect, string division, string duty, string value)
    {
        var (edit, refusal) = new SetCell(line, aspect, division, duty, value).Against(Demo.Understand(text));
        Assert.Null(refusal);
        return edit!.ApplyTo(text);
    }

    [Theory]
    [InlineData("Tideline", "man", "72.5", "  24 power clean, 72.5/47.5 kg")]
    [InlineData("Tideline", "woman", "50", "  24 power clean, 70/50 kg")]
    [InlineData("Meadow", "woman", "30", "    Meadow: 45/30 kg")]
    [InlineData("Meadow", "man", "50/32.5", "    Meadow: 50/32.5 kg")]
    [InlineData("Anchor 45+", "woman", "37.5", "    Anchor 45+: 60/37.5 kg")]
    public void A_load_goes_where_the_value_belongs(string division, string duty, string value, string expected)
    {
        var text = DraftTexts.Starting("03");
        var changed = Set(text, 8, "load", division, duty, value);
        Assert.Contains(expected, changed.Split('\n'));
        Assert.InRange(changed.Split('\n').Except(text.Split('\n')).Count(), 1, 1);
        var u = Demo.Understand(changed);
        var load = u.Courses[u.IndexOf(division, duty)].Pieces[0].Tasks[2].Prescription.Load!.Value.Values.At(0);
        Assert.Equal(decimal.Parse(value.Contains('/', StringComparison.Ordinal) ? value.Split('/')[duty == "man" ? 0 : 1] : value, System.Globalization.CultureInfo.InvariantCulture), load);
    }

    [Fact]
    public void An_amount_of_one_division()
    {
        var text = DraftTexts.Starting("01");
        Assert.Contains("        Estuary: 12/10 cal", Set(text, 11, "amount", "Estuary", "man", "12").Split('\n'));
        Assert.Contains("      15/10 cal air bike", Set(text, 11, "amount", "Tideline", "man", "15").Split('\n'));
        Assert.Contains("        Meadow: 10/6 cal", Set(text, 11, "amount", "Meadow", "woman", "6").Split('\n'));
    }

    [Theory]
    [InlineData("heavy")]
    [InlineData("-5")]
    [InlineData("1/2/3")]
    [InlineData("10 cal")]
    [InlineData("")]
    public void Other_texts_are_refused(string value)
    {
        var (edit, refusal) = new SetCell(8, "load", "Tideline", "man", value).Against(Demo.Text("03"));
        Assert.Null(edit);
        Assert.NotEmpty(refusal!);
    }
}
