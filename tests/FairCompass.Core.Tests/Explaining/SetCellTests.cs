using FairCompass.Core.Commands;
using FairCompass.Core.Notation;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Explaining;

/// <summary>A cell of the table is a change of the text, and changes only the lines it names.</summary>
public class SetCellTests
{
    private static string Set(string text, int line, string aspect, string division, string duty, string value)
    {
        var answer = new SetCell(line, aspect, division, duty, value).Against(new(Demo.Understand(text)));
        Assert.Null(answer.Refused);
        return Edits.Apply(text, answer.Value!.Edits);
    }

    [Theory]
    [InlineData("Tideline", "man", "72.5", "  24 power clean, 72.5/47.5 kg")]
    [InlineData("Tideline", "woman", "50", "  24 power clean, 70/50 kg")]
    [InlineData("Meadow", "woman", "30", "    Meadow: 45/30 kg")]
    [InlineData("Meadow", "man", "50/32.5", "    Meadow: 50/32.5 kg")]
    [InlineData("Anchor 45+", "woman", "37.5", "    Anchor 45+: 60/37.5 kg")]
    public void A_load_goes_where_the_value_belongs(string division, string duty, string value, string expected)
    {
        var text = DraftTexts.Demo("03");
        var changed = Set(text, 8, "load", division, duty, value);
        Assert.Contains(expected, changed.Split('\n'));
        Assert.InRange(changed.Split('\n').Except(text.Split('\n')).Count(), 1, 1);
        var u = Demo.Understand(changed);
        var load = u.Courses[u.IndexOf(division, duty)].Pieces[0].Tasks[2].Prescription.Load!.Value.Values.At(0);
        Assert.Equal(
            decimal.Parse(
                value.Contains('/', StringComparison.Ordinal) ? value.Split('/')[duty == "man" ? 0 : 1] : value,
                System.Globalization.CultureInfo.InvariantCulture
            ),
            load
        );
    }

    [Fact]
    public void An_amount_of_one_division()
    {
        var text = DraftTexts.Demo("01");
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
        var answer = new SetCell(8, "load", "Tideline", "man", value).Against(new(Demo.Text("03")));
        Assert.Null(answer.Value);
        Assert.Equal("value", answer.Refused!.Path);
    }

    private const string TwoUnits =
        "Trial\n  for Tideline, Meadow\n  a/b is man/woman\n\n9:00 for reps\n  10 power clean, 60/40 kg or 135/85 lb\n\nscore: "
        + "reps\n  tie: shared\n";

    [Theory]
    [InlineData("Tideline", "man", "70 or 155", "  10 power clean, 70/40 kg or 155/85 lb")]
    [InlineData("Tideline", "woman", "42.5 kg or 95 lb", "  10 power clean, 60/42.5 kg or 135/95 lb")]
    [InlineData("Meadow", "man", "50/35 or 115/75", "    Meadow: 50/35 kg or 115/75 lb")]
    public void Of_a_load_in_two_units_both_figures_are_changed(string division, string duty, string value, string expected) =>
        Assert.Contains(expected, Set(TwoUnits, 6, "load", division, duty, value).Split('\n'));

    [Theory]
    [InlineData("70", "This load is published in kg and lb; type both, as 24 or 53.")]
    [InlineData("70 or", "Type a number such as 22.5, or both as 22.5/15.")]
    [InlineData("70 or 155 or 1", "Type a number such as 22.5, or both as 22.5/15.")]
    public void One_figure_alone_would_leave_the_other_wrong(string value, string reason) =>
        Assert.Equal(
            new("value", reason),
            new SetCell(6, "load", "Tideline", "man", value).Against(new(Demo.Understand(TwoUnits))).Refused
        );

    [Theory]
    [InlineData(8, "load", "Tideline", "man", "72.5 or 160", "This load is published in one unit; write the second one in the draft.")]
    [InlineData(8, "amount", "Tideline", "man", "20 or 30", "Type a number such as 12, or both as 12/9.")]
    [InlineData(8, "load", "Harbour", "man", "20", "This cell is not in the draft any more.")]
    [InlineData(80, "load", "Tideline", "man", "20", "This cell is not in the draft any more.")]
    public void What_cannot_be_set_says_why(int line, string aspect, string division, string duty, string value, string reason) =>
        Assert.Equal(new("value", reason), new SetCell(line, aspect, division, duty, value).Against(new(Demo.Text("03"))).Refused);

    /// <summary>Every loaded cell of the demo: it takes the typed load, and its neighbours in the division keep theirs.</summary>
    [Fact]
    public void A_cell_changes_itself_and_no_neighbour_of_its_division()
    {
        var (set, refused) = (0, 0);
        foreach (var name in DraftTexts.DemoNames)
        {
            var text = DraftTexts.Read(name);
            var u = Demo.Understand(text);
            foreach (var cell in u.Prescribed.Where(p => p.Prescription.Load is not null && p.Option is null && p.At == default))
            {
                var answer = new SetCell(
                    cell.Source.At.Line,
                    "load",
                    cell.Address.Division.Name,
                    cell.Address.Within,
                    cell.Prescription.Load!.Value.Also is null ? "27.5" : "27.5 or 61"
                ).Against(new(u));
                if (answer.Value is not { } edits)
                {
                    // Bars of a complex are changed in the text; nothing else may refuse.
                    Assert.Contains(
                        answer.Refused!.Message,
                        new[]
                        {
                            "This is the bar of the whole complex; change it in the draft.",
                            "This load is of two hands; change it in the draft.",
                        }
                    );
                    refused++;
                    continue;
                }

                set++;
                var now = Demo.Understand(Edits.Apply(text, edits.Edits));
                Assert.Empty(now.Parsed.Problems);
                foreach (var address in u.Resolver.Addresses.Where(a => a.Division.Name == cell.Address.Division.Name))
                {
                    var is27 = now
                        .Prescribed.First(p =>
                            p.Source.At.Line == cell.Source.At.Line
                            && p.Option is null
                            && p.At == default
                            && p.Address.ToString() == address.ToString()
                        )
                        .Prescription.Load?.Value;
                    var was = u
                        .Prescribed.First(p =>
                            ReferenceEquals(p.Source, cell.Source)
                            && p.Option is null
                            && p.At == default
                            && p.Address.ToString() == address.ToString()
                        )
                        .Prescription.Load?.Value;
                    Assert.True(
                        address.ToString() == cell.Address.ToString() ? is27!.Values.ToString() == "27.5" : is27 == was,
                        $"{name}: {cell.Address} {edits.Edits[0].Insert.Trim()} makes {address} {is27}, was {was}"
                    );
                }
            }
        }

        Assert.True(set > 5 * refused && set > 100, $"{set} set, {refused} refused");
    }
}
