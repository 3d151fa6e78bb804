using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Every value that can be left open is found, and asked for by what it is.</summary>
public class UnsetTests
{
    private const string Sets = "9:00 for reps\n  rounds without end\n    18 sit-up, in 6s\n      ";

    public static TheoryData<string, string> Open =>
        new()
        {
            { "unset for reps\n  max sit-up\n" + Trial.ForReps, "How long is it?" },
            { Sets + "after each: unset m bear crawl\n" + Trial.ForReps, "How far is the bear crawl after each part?" },
            { Sets + "between: unset m bear crawl\n" + Trial.ForReps, "How far is the bear crawl between two parts?" },
            { "9:00 for time\n  24 m walking lunge, marks every unset m\n" + Trial.ForTime, "How far apart are the marks?" },
            { "9:00 for reps\n  21-unset-9 of\n    sit-up\n    burpee\n" + Trial.ForReps, "How many are done in this round?" },
            { "9:00 for time\n  5 rounds\n    3 deadlift, 60-unset-80-90-100 kg\n" + Trial.ForTime, "What is the load at this step?" },
            { "9:00 for reps\n  max burpee, every unset round\n" + Trial.ForReps, "Every how many rounds is it done?" },
            { "9:00 for reps\n  10 sit-up\n    choose: unset, 40 kg\n" + Trial.ForReps, "How many are done of this choice?" },
            { "9:00 for time\n  8 shuttle run, 2 x unset m\n" + Trial.ForTime, "How long is one length?" },
            {
                "9:00 for time\n  8 deadlift, 60/40 kg\n  re-rig: unset kg by the athlete\n" + Trial.ForTime,
                "To what load is the bar changed?"
            },
            { "9:00 for reps\n  12/9 cal rowing machine, +6 at unset\n" + Trial.ForReps, "At how many is the bonus earned?" },
            { "9:00 for time\n  18 sit-up, in unset s\n" + Trial.ForTime, "How many are done in each part?" },
            {
                "9:00 for time\n  18 sit-up\n\nscore: time\n  weight unset\n  unfinished: cap line by reps\n  tie: shared\n",
                "How much does this score weigh?"
            },
            {
                "9:00 for time\n  18 sit-up\n\nscore: time\n  unfinished: +unset for each missing rep\n  tie: shared\n",
                "How much time is added for each missing one?"
            },
            { "9:00 for time\n  unset rounds\n    18 sit-up\n" + Trial.ForTime, "How many rounds are there?" },
            {
                "9:00 for time\n  18 sit-up\n    share: one at a time, any split, at most unset in a row\n" + Trial.ForTime,
                "How many are done in a row at most?"
            },
            {
                "9:00 for time\n  18 sit-up\n    share: one at a time, any split, at least unset each\n" + Trial.ForTime,
                "How many does each do at least?"
            },
            { "9:00 for time\n  250 m rowing machine, credited unset\n" + Trial.ForTime, "How much is credited?" },
            { "9:00 for load\n  heaviest set of unset power clean\n" + Trial.ForLoad, "How many reps has the set?" },
            { "9:00 for time\n  unset sit-up\n" + Trial.ForTime, "How many sit-up?" },
            { "9:00 for time\n  unset m bear crawl\n" + Trial.ForTime, "How far is the bear crawl?" },
            { "9:00 for time\n  15/unset cal rowing machine\n" + Trial.ForTime, "How many calories on the rowing machine?" },
            { "9:00 for time\n  8 deadlift, unset/40 kg\n" + Trial.ForTime, "How heavy is it: 8 deadlift?" },
            { "9:00 for time\n  8 wall-ball shot, 9/6 kg, target unset m\n" + Trial.ForTime, "How high is the target?" },
            { "9:00 for reps\n  20 sit-up\n  gate, adds unset\n  max burpee\n" + Trial.ForReps, "How much time does the gate add?" },
        };

    [Theory]
    [MemberData(nameof(Open))]
    public void What_nobody_has_said_is_asked_for(string draft, string question)
    {
        var line = draft.Split('\n').TakeWhile(l => !l.Contains("unset", StringComparison.Ordinal)).Count() + 5;
        var findings = Trial.Tideline(draft).Read.Findings();
        Assert.Contains(findings, f => f.At.Line == line && f.Sentence == question);
        Assert.DoesNotContain(
            findings,
            f => f.At.Line == line && f.Sentence != question && f.Sentence.Contains("whole number", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_finish_needs_no_cap()
    {
        var trial = Trial.Tideline("unset for time\n  30 sit-up\n" + Trial.ForTime);
        Assert.Equal("3:20", trial.Score(new("0", Duration.TryParse("3:20"))).Text);
        Assert.Equal(ResultClass.Unranked, trial.Score(Trial.Counted(20)).Class);
    }

    [Fact]
    public void A_penalty_that_nobody_has_said_is_no_cap_line()
    {
        var trial = Trial.Tideline("9:00 for time\n  30 sit-up\n\nscore: time\n  unfinished: +unset for each missing rep\n  tie: shared\n");
        Assert.Empty(trial.First.Sheet.Components);
    }
}
