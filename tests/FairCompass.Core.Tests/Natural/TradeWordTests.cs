using FairCompass.Core.Explaining;
using FairCompass.Core.InForce;
using FairCompass.Core.Natural;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Natural;

/// <summary>What is offered while somebody types, and said of a line.</summary>
public class TradeWordTests
{
    [Theory]
    [InlineData("t2b", "toes-to-bar")]
    [InlineData("pies a la barra", "toes-to-bar")]
    [InlineData("toes-to-bar", "toes-to-bar")]
    [InlineData("mu", "bar muscle-up")]
    [InlineData("mu", "ring muscle-up")]
    public void Each_word_leads_to_what_it_may_mean(string word, string movement) =>
        Assert.Contains(TradeWord.Of(Demo.Competition), w => w.Word == word && w.Movement == movement);

    [Fact]
    public void Every_word_leads_to_a_standard_and_every_standard_has_its_name()
    {
        var words = TradeWord.Of(Demo.Competition);
        var book = StandardsBook.Of(Demo.Competition);
        Assert.All(words, w => Assert.Equal(w.Movement, book.Find(w.Movement)?.Name.English));
        Assert.All(book.All, m => Assert.Contains(words, w => w.Word == m.Name.English));
        Assert.Equal(words.Count, words.Select(w => (w.Word, w.Movement)).Distinct().Count());
    }

    /// <summary>Each line of the clock and of the work is said once, in the order of the text.</summary>
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void Lines_are_said_in_words(string name)
    {
        var text = DraftTexts.Read(name);
        var said = Explainer.Explain(Demo.Competition, text).InWords;
        Assert.NotEmpty(said);
        Assert.Equal(said.Select(s => s.Line).Order().Distinct(), said.Select(s => s.Line));
        Assert.All(said, s => Assert.True(s.Sentence.Length > 0 && s.Line <= text.Split('\n').Length));
    }
}
