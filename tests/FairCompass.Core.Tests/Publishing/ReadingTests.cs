using FairCompass.Core.Drafts;
using FairCompass.Core.Publishing;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Text;

namespace FairCompass.Core.Tests.Publishing;

public class ReadingTests
{
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void A_judge_is_asked_three_questions_with_one_right_call_each(string name)
    {
        var u = Understanding.Of(Demo.Competition, DraftTexts.Read(name));
        var (questions, right) = Quiz.For(u, "mara");
        Assert.Equal(Quiz.Length, questions.Count);
        Assert.All(
            questions.Zip(right),
            x =>
            {
                Assert.InRange(x.Second, 0, x.First.Calls.Count - 1);
                Assert.True(x.First.Calls.Count >= 3);
                Assert.Equal(x.First.Calls.Count, x.First.Calls.Select(c => c.English).Distinct().Count());
            }
        );
        Assert.Equal(questions, Quiz.For(u, "mara").Questions);
    }

    [Fact]
    public void Readers_are_not_all_asked_the_same()
    {
        var u = Understanding.Of(Demo.Competition, DraftTexts.Demo("03"));
        Assert.True(
            Enumerable
                .Range(0, 12)
                .Select(i => string.Join('|', Quiz.For(u, "reader " + i).Questions.Select(q => q.Sign.English)))
                .Distinct()
                .Count() > 4
        );
    }

    [Fact]
    public void Names_are_compared_as_people_write_them()
    {
        var compared = NameList.Compare("Ruiz, Inés\nOlaf Tarn\nolaf  TARN;Pia Moss\n\n", ["Ines Ruiz", "Pia-Moss", "Somebody Else"]);
        Assert.Equal(["Ruiz, Inés", "Pia Moss"], compared.Confirmed);
        Assert.Equal(["Olaf Tarn"], compared.Missing);
        Assert.Equal(["Somebody Else"], compared.Unknown);
    }

    [Theory]
    [InlineData("May the feet be held in sit-ups?", "Can the feet be held for a sit-up?", true)]
    [InlineData("May the feet be held in sit-ups?", "Who loads the bar after the first part?", false)]
    public void Questions_about_the_same_are_alike(string a, string b, bool alike) => Assert.Equal(alike, Similarity.Of(a, b) >= 0.2m);

    [Fact]
    public void Likeness_is_symmetric_and_whole_for_the_same_words()
    {
        Assert.Equal(Similarity.Of("hip below knee", "knee below the hip"), Similarity.Of("knee below the hip", "hip below knee"));
        Assert.Equal(1m, Similarity.Of("hip below knee", "Knee below the hip!"));
    }
}
