using CsCheck;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Commands;

public class EditsTests
{
    private static readonly Gen<string> Texts = Gen.String[Gen.Char["ab \n"], 0, 30];

    [Fact]
    public void The_edit_between_two_texts_makes_one_of_the_other() =>
        Gen.Select(Texts, Texts, Gen.OneOf(Gen.Const("é"), Gen.Const("🏆"), Gen.Const("👍🏽")))
            .Sample(
                (a, b, mark) =>
                {
                    var (before, after) = (a + mark + b, b + mark + a);
                    Assert.Equal(after, Edits.Apply(before, Edits.Between(before, after)));
                    Assert.Empty(Edits.Between(before, before));
                    foreach (var edit in Edits.Between(before, after))
                    {
                        Assert.False(edit.From > 0 && char.IsHighSurrogate(before[edit.From - 1]));
                        Assert.False(edit.To < before.Length && char.IsLowSurrogate(before[edit.To]));
                    }
                },
                iter: 3000
            );

    [Fact]
    public void Lines_and_offsets_name_the_same_place() =>
        Gen.Select(Texts, Gen.Int[0, 40], Gen.Int[0, 10])
            .Sample(
                (text, from, length) =>
                {
                    from = Math.Min(from, text.Length);
                    var end = text.IndexOf('\n', from);
                    var edit = new Edit(from, Math.Min(from + length, end < 0 ? text.Length : end), "x\ny");
                    var inLine = TextEdit.Of(text, edit);
                    Assert.Equal(edit, Edits.At(text, inLine));
                    Assert.Equal(inLine.ApplyTo(text), Edits.Apply(text, [edit]));
                },
                iter: 3000
            );

    [Theory]
    [InlineData(0, 1, 1)]
    [InlineData(3, 1, 1)]
    [InlineData(1, 0, 1)]
    [InlineData(1, 3, 2)]
    [InlineData(2, 1, 3)]
    public void A_place_that_is_not_there_has_no_edit(int line, int column, int length) =>
        Assert.Null(Edits.At("abc\nde", new TextEdit(line, column, length, "")));

    [Theory]
    [InlineData(0, 2, 1, 3)]
    [InlineData(2, 3, 0, 1)]
    [InlineData(0, 9, 9, 9)]
    [InlineData(2, 1, 3, 3)]
    public void Edits_that_do_not_fit_are_not_applied(int from, int to, int nextFrom, int nextTo) =>
        Assert.Throws<ArgumentException>(() => Edits.Apply("abcd", [new(from, to, ""), new(nextFrom, nextTo, "")]));

    [Fact]
    public void A_text_is_named_by_what_it_says()
    {
        Assert.Equal(TextHash.Of("a\nb"), TextHash.Of("a\r\nb"));
        Assert.NotEqual(TextHash.Of("a\nb"), TextHash.Of("a\nb "));
        // FIPS 180-4, from memory of its well-known example: SHA-256 of “abc” begins ba7816bf 8f01cfea.
        Assert.Equal("ba7816bf8f01cfea", TextHash.Of("abc"));
    }
}
