using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Interviewing;
using FairCompass.Core.Policies;
using FairCompass.Core.Publishing;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Interviewing;

/// <summary>What is in force silently is shown to be, once, and signing it changes nothing that is said.</summary>
public class PolicyToSignTests
{
    private static readonly Competition Plain = Demo.Competition with { Policies = [] };

    private static string Boxes(string end) =>
        "T\n  for Tideline\n  a/b is man/woman\n\n8:00 for time\n  20 box jump-over, box 60/50 cm\n\nscore: time\n"
        + "  unfinished: cap line by reps\n  tie: shared\n"
        + end;

    [Fact]
    public void Each_topic_of_a_movement_is_there_with_the_usual_school()
    {
        var signs = PolicyToSign.Of(Understanding.Of(Plain, Boxes(""))).ToList();
        Assert.Equal(("on top", 6), signs.Where(s => s.Topic == "box").Select(s => (s.School, s.Line)).Single());
        Assert.DoesNotContain(signs, s => s.Topic is "chin" or "bell");
        Assert.All(signs, s => Assert.Equal(Topics.Find(s.Topic)!.Default, s.School));
    }

    [Theory]
    [InlineData("policy box: may be cleared\n")]
    [InlineData("policy box: on top\n")]
    public void Who_has_chosen_has_signed(string line) =>
        Assert.DoesNotContain(PolicyToSign.Of(Understanding.Of(Plain, Boxes(line))), s => s.Topic == "box");

    /// <summary>Signed in one workout, it is asked in no other; and neither a code nor a word on a paper changes.</summary>
    [Theory]
    [MemberData(nameof(Depth.DemoRows), 3, 1, MemberType = typeof(Depth))]
    public void Signing_says_nothing_new(string name)
    {
        var before = Understanding.Of(Plain, DraftTexts.Read(name));
        var signed = PolicyToSign.Of(before).ToList();
        var after = Understanding.Of(
            Plain with
            {
                Policies = [.. signed.Select(s => new PolicyChoice(s.Topic, s.School))],
            },
            DraftTexts.Read(name)
        );
        Assert.NotEmpty(signed);
        Assert.Empty(PolicyToSign.Of(after));
        Assert.Equal(Fingerprint.Of(before), Fingerprint.Of(after));
        Assert.Empty(Differences.Between(before, after).Changes);
    }
}
