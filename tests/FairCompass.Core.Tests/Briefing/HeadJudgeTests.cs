using FairCompass.Core.Briefing;
using FairCompass.Core.Languages;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>What is let stand is read by the head judge, and by nobody else.</summary>
public class HeadJudgeTests
{
    private const string Text =
        "T\n  for Tideline\n  a/b is man/woman\n\n30:00 for time\n  4 rounds\n    12 sit-up\n    120 burpee\n    12 pull-up\n"
        + "\nscore: time\n  unfinished: cap line by reps\n  tie: shared\nwaive: outlier, the burpees are the workout\n";

    private static string Paper(bool head, Language language) =>
        BriefText.Of(
            new BriefBuilder(Demo.Understand(Text), null, new(2027, 6, 12), new() { HeadJudge = head, Language = language }).Build(
                Audience.Judge
            )
        );

    [Fact]
    public void The_own_copy_has_what_is_let_stand_with_the_reason()
    {
        Assert.Contains("Line 8, let stand: 120 stand among much smaller numbers", Paper(true, Language.English), StringComparison.Ordinal);
        Assert.Contains("Because: the burpees are the workout", Paper(true, Language.English), StringComparison.Ordinal);
        Assert.Contains("Línea 8, se deja así: «120 stand", Paper(true, Language.Spanish), StringComparison.Ordinal);
        Assert.DoesNotContain("the burpees are the workout", Paper(false, Language.English), StringComparison.Ordinal);
    }
}
